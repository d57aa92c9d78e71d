package app.finish.formats;

import app.finish.formats.Survey.Answer;
import app.finish.formats.Survey.Correlation;
import app.finish.formats.Survey.Fit;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;

/// Prints some of the survey's statistics as text in columns, as consoles do: coefficients with
/// stars in a column of their own, and a correlation matrix whose lower half is filled.
public final class SurveyConsole {
  private static final List<ToDoubleFunction<Answer>> SCALES =
      List.of(Answer::comfort, Answer::trust, Answer::crowding);

  private final Survey survey = new Survey();
  private final StringBuilder text = new StringBuilder();

  public static void main(String[] arguments) throws IOException {
    Files.writeString(Path.of(arguments[0]), new SurveyConsole().text());
  }

  public String text() {
    coefficients();
    correlations();
    return text.toString();
  }

  private void line(String format, Object... values) {
    text.append(String.format(Locale.ROOT, format, values).stripTrailing()).append('\n');
  }

  private static String stars(double p) {
    return p < 0.001 ? "***" : p < 0.01 ? "**" : p < 0.05 ? "*" : "";
  }

  private void coefficients() {
    List<Answer> whole = SurveyOutput.whole(survey);
    Fit fit =
        Survey.fit(
            SurveyOutput.column(whole, Answer::comfort),
            SurveyOutput.column(whole, Answer::trust),
            SurveyOutput.column(whole, Answer::crowding),
            SurveyOutput.column(whole, Answer::home));
    line("Linear model of waiting comfort");
    line("");
    line("%-12s%9s%11s%8s %8s", "", "Estimate", "Std. Error", "t value", "Pr(>|t|)");
    String[] names = {"(Intercept)", "trust", "crowding", "visitor"};
    for (int k = 0; k < names.length; k++) {
      double t = fit.b()[k] / fit.se()[k];
      double p = Survey.p(t, fit.df());
      String shown = p < 0.001 ? "<0.001" : String.format(Locale.ROOT, "%.3f", p);
      line("%-12s%9.3f%11.3f%8.2f %8s %s", names[k], fit.b()[k], fit.se()[k], t, shown, stars(p));
    }
    line("---");
    line("*** p < .001. ** p < .01. * p < .05.");
    line("");
    line("");
  }

  private void correlations() {
    line("Correlations, lower half");
    line("");
    line("%-14s%8s%8s%9s%9s%9s", "Variable", "M", "SD", "1", "2", "3");
    line("%s", "-".repeat(57));
    String[] names = {"1. Comfort", "2. Trust", "3. Crowding"};
    for (int down = 0; down < 3; down++) {
      double[] values = survey.values(SCALES.get(down), answer -> true);
      String[] cells = new String[3];
      Arrays.fill(cells, "");
      for (int across = 0; across <= down; across++) {
        Correlation found = survey.correlation(SCALES.get(down), SCALES.get(across));
        String figure = SurveyOutput.bare(found.r(), 2) + stars(found.p());
        cells[across] = across == down ? "--" : figure;
      }
      line(
          "%-14s%8.2f%8.2f%9s%9s%9s",
          names[down], Survey.mean(values), Survey.deviation(values), cells[0], cells[1], cells[2]);
    }
    line("%s", "-".repeat(57));
    line("*p < .05. **p < .01. ***p < .001.");
  }
}
