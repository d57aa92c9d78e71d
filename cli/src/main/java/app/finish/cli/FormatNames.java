package app.finish.cli;

import app.finish.formats.InputFormat;
import app.finish.formats.OutputFormat;
import java.util.ListResourceBundle;

/// The names of the formats, as the help texts ask for them: `${bundle:input.formats}`.
final class FormatNames extends ListResourceBundle {
  @Override
  protected Object[][] getContents() {
    return new Object[][] {
      {"input.formats", InputFormat.labelsInWords()},
      {"output.endings", OutputFormat.endingsInWords()},
    };
  }
}
