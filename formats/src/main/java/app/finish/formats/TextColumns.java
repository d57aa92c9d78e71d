package app.finish.formats;

import app.finish.formats.TextLine.Piece;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Where the columns of a text stand, and which of them its heads stand over.
///
/// ```java
/// TextColumns columns = TextColumns.of(lines);
/// columns.piecesOf(lines.get(0), lines.get(1));
/// ```
///
/// @param columns the columns from left to right
record TextColumns(List<Column> columns) {
  /// A run of places.
  record Column(int start, int end) {}

  /// The columns: runs of places that are not blank in all lines of figures, or, if there are none,
  /// in all lines of several pieces.
  static TextColumns of(List<String> lines) {
    List<String> counted = lines.stream().filter(TextLine::holdsFigures).toList();
    if (counted.isEmpty()) {
      int most = lines.stream().mapToInt(line -> TextLine.pieces(line).size()).max().orElse(0);
      counted =
          lines.stream()
              .filter(line -> !TextLine.isRule(line))
              .filter(
                  line ->
                      TextLine.pieces(line).size() > 1 && TextLine.pieces(line).size() * 2 > most)
              .toList();
    }
    int width = counted.stream().mapToInt(String::length).max().orElse(0);
    boolean[] taken = new boolean[width + 1];
    for (String line : counted) {
      for (Piece piece : TextLine.parted(line)) {
        Arrays.fill(taken, piece.start(), piece.end(), true);
      }
    }
    List<Column> columns = new ArrayList<>();
    int start = 0;
    for (int i = 1; i <= width; i++) {
      if (taken[i] && !taken[i - 1]) {
        start = i;
      } else if (!taken[i] && taken[i - 1]) {
        columns.add(new Column(taken[0] && columns.isEmpty() ? 0 : start, i));
      }
    }
    return new TextColumns(columns);
  }

  /// The pieces of a line, each as wide as what it stands over.
  ///
  /// @param below the next line: a rule under a head tells how far it reaches
  List<Piece> piecesOf(String line, String below) {
    if (TextLine.holdsFigures(line)) {
      return TextLine.parted(line);
    }
    List<Piece> pieces = headsOf(TextLine.pieces(line));
    if (TextLine.isRule(below) && TextLine.pieces(below).size() > 1) {
      return pieces.stream().map(piece -> widened(piece, TextLine.pieces(below))).toList();
    }
    return TextLine.pieces(below).size() > pieces.size() && !TextLine.holdsFigures(below)
        ? spread(pieces)
        : pieces;
  }

  private static Piece widened(Piece piece, List<Piece> rules) {
    for (Piece rule : rules) {
      if (piece.start() >= rule.start() && piece.end() <= rule.end()) {
        return new Piece(rule.start(), rule.end(), piece.text());
      }
    }
    return piece;
  }

  /// Heads over several columns each, if they share the columns out evenly and each stands over
  /// the middle of its share.
  private List<Piece> spread(List<Piece> pieces) {
    if (pieces.isEmpty() || columns.isEmpty()) {
      return pieces;
    }
    boolean named = pieces.getFirst().start() < columns.getFirst().end();
    List<Piece> heads = pieces.subList(named ? 1 : 0, pieces.size());
    int figures = columns.size() - 1;
    if (heads.isEmpty() || figures % heads.size() != 0 || figures == heads.size()) {
      return pieces;
    }
    List<Piece> spread = new ArrayList<>(pieces.subList(0, named ? 1 : 0));
    int share = figures / heads.size();
    for (int i = 0; i < heads.size(); i++) {
      Column first = columns.get(1 + i * share);
      Column last = columns.get((i + 1) * share);
      int middle = (heads.get(i).start() + heads.get(i).end()) / 2;
      if (middle < first.start() || middle > last.end()) {
        return pieces;
      }
      spread.add(new Piece(first.start(), last.end(), heads.get(i).text()));
    }
    return spread;
  }

  /// Parts a piece of several heads that stand so near each other that one blank parts them: words
  /// that end where columns end.
  private List<Piece> headsOf(List<Piece> pieces) {
    List<Piece> heads = new ArrayList<>();
    for (Piece piece : pieces) {
      int at = piece.start();
      int start = piece.start();
      List<Piece> parts = new ArrayList<>();
      for (String word : piece.text().split(" ")) {
        int end = at + word.length();
        if (endsAColumn(end) || end == piece.end()) {
          parts.add(
              new Piece(
                  start, end, piece.text().substring(start - piece.start(), end - piece.start())));
          start = end + 1;
        }
        at = end + 1;
      }
      boolean parted = parts.size() > 1 && parts.stream().allMatch(part -> endsAColumn(part.end()));
      heads.addAll(parted ? parts : List.of(piece));
    }
    return heads;
  }

  private boolean endsAColumn(int end) {
    return columns.stream().anyMatch(column -> column.end() == end);
  }

  /// The column that a piece stands in: the first that it shares a place with, else the nearest.
  int place(Piece piece, int free) {
    int nearest = Math.min(free, columns.size() - 1);
    int least = Integer.MAX_VALUE;
    for (int i = 0; i < columns.size(); i++) {
      Column column = columns.get(i);
      if (piece.start() < column.end() && piece.end() > column.start()) {
        return i;
      }
      int distance =
          piece.end() <= column.start()
              ? column.start() - piece.end()
              : piece.start() - column.end();
      if (i >= free && distance < least) {
        nearest = i;
        least = distance;
      }
    }
    return nearest;
  }
}
