package app.finish.formats.richtext;

import java.util.ArrayList;
import java.util.List;

/// The faces and colours of a text in RTF, which are called by their numbers.
final class RtfFonts {
  private final List<String> faces = new ArrayList<>(List.of("Times New Roman"));
  private final List<String> colours = new ArrayList<>();

  /// The number of a face.
  int face(String name) {
    if (!faces.contains(name)) {
      faces.add(name);
    }
    return faces.indexOf(name);
  }

  /// The number of a colour, from 1.
  int colour(String hex) {
    if (!colours.contains(hex)) {
      colours.add(hex);
    }
    return colours.indexOf(hex) + 1;
  }

  /// The tables of both, for the head of the text.
  String tables() {
    StringBuilder text = new StringBuilder("{\\fonttbl");
    for (int i = 0; i < faces.size(); i++) {
      text.append("{\\f").append(i).append("\\fnil ").append(escaped(faces.get(i))).append(";}");
    }
    text.append("}\n{\\colortbl;");
    for (String hex : colours) {
      int rgb = Integer.parseInt(hex, 16);
      text.append("\\red").append(rgb >> 16).append("\\green").append(rgb >> 8 & 255);
      text.append("\\blue").append(rgb & 255).append(';');
    }
    return text.append("}\n").toString();
  }

  /// A text of which no letter is a command; what is not ASCII by its number.
  static String escaped(String text) {
    StringBuilder safe = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      char one = text.charAt(i);
      if (one == '\\' || one == '{' || one == '}') {
        safe.append('\\').append(one);
      } else if (one == '\t' || one == '\n' || one == '\r') {
        safe.append(' ');
      } else if (one == '\u00A0') {
        safe.append("\\~");
      } else if (one >= ' ' && one < 127) {
        safe.append(one);
      } else if (one > 159 && !isHalf(text, i)) {
        safe.append("\\u").append((short) one).append('?');
      }
    }
    return safe.toString();
  }

  /// Whether a surrogate stands without its other half.
  private static boolean isHalf(String text, int at) {
    char one = text.charAt(at);
    return Character.isHighSurrogate(one)
        ? at + 1 >= text.length() || !Character.isLowSurrogate(text.charAt(at + 1))
        : Character.isLowSurrogate(one)
            && (at == 0 || !Character.isHighSurrogate(text.charAt(at - 1)));
  }
}
