package app.finish.formats.text;

import app.finish.formats.text.ConsoleColumns.Column;
import app.finish.formats.text.TextLine.Piece;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;

/// Places the heads of a console's table over its columns: each over the column that it meets, or
/// over several that it stands in the middle of or has a rule under it for.
///
/// ```java
/// new ConsoleHeads(columns).place("       2025          2026", "     ------------  ------------");
/// ```
///
/// @param columns the columns
public record ConsoleHeads(ConsoleColumns columns) {
  private static final Pattern INTERVAL =
      Pattern.compile(
          "([0-9.]+ ?% ?)?(ci|conf\\.?( int\\.?)?|(confidence|credible) interval)( of .*)?",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern LOWER =
      Pattern.compile("l|ll|low(er)?( limit| bound)?|from", Pattern.CASE_INSENSITIVE);
  private static final Pattern UPPER =
      Pattern.compile("u|ul|(upper|high)( limit| bound)?|to", Pattern.CASE_INSENSITIVE);

  /// A head in its place.
  ///
  /// @param column its first column
  /// @param span how many columns it stands over
  record Head(int column, int span, String text) {}

  /// The heads of a line.
  ///
  /// @param below the next line: a rule under a head tells how far it reaches
  /// @param above whether more heads stand below, so that some may reach over several columns
  List<Head> place(String line, String below, boolean above) {
    List<Piece> pieces = new ArrayList<>();
    for (Piece piece : TextLine.pieces(line)) {
      for (Piece part : withoutName(piece, below)) {
        pieces.addAll(parted(part));
      }
    }
    List<Piece> words = TextLine.words(line);
    boolean few =
        pieces.size() > 1 && pieces.size() < words.size() && pieces.size() < columns.size() - 1;
    if (!above
        && few
        && !pieces.stream().allMatch(this::isStraight)
        && words.size() == columns.size() - 1
        && words.getFirst().start() >= column(0).end()) {
      return inOrder(words);
    }
    if (TextLine.isRule(below) && TextLine.pieces(below).size() > 1) {
      return placed(pieces.stream().map(piece -> widened(piece, TextLine.pieces(below))).toList());
    }
    List<Head> limits = overLimits(pieces, below);
    if (!limits.isEmpty()) {
      return limits;
    }
    return above && !isEachOverOne(pieces) ? spread(pieces) : placed(pieces);
  }

  /// The heads of a line one of which names an interval, whose limits stand below side by side,
  /// wherever over them it is set; none if no such head is there.
  private List<Head> overLimits(List<Piece> pieces, String below) {
    List<Piece> under = TextLine.pieces(below);
    List<Head> heads = new ArrayList<>();
    boolean limits = false;
    for (Piece piece : pieces) {
      int lower = INTERVAL.matcher(piece.text()).matches() ? lower(piece, under) : -1;
      limits |= lower >= 0;
      heads.addAll(
          lower < 0
              ? placed(List.of(piece))
              : List.of(new Head(columns.nearest(under.get(lower)), 2, piece.text())));
    }
    return limits ? heads : List.of();
  }

  /// Which of the heads below is the lower limit of the interval that a piece names, or −1.
  private static int lower(Piece piece, List<Piece> under) {
    for (int i = 0; i + 1 < under.size(); i++) {
      boolean pair =
          LOWER.matcher(under.get(i).text()).matches()
              && UPPER.matcher(under.get(i + 1).text()).matches();
      if (pair && piece.end() > under.get(i).start() && piece.start() < under.get(i + 1).end()) {
        return i;
      }
    }
    return -1;
  }

  /// Whether a piece begins or ends with the only column that it meets.
  private boolean isStraight(Piece piece) {
    int[] met = columns.met(piece);
    Column column = column(met[0]);
    return met[0] == met[1] && (piece.start() == column.start() || piece.end() == column.end());
  }

  /// Heads that do not stand straight over their columns, but are as many as these.
  private static List<Head> inOrder(List<Piece> words) {
    List<Head> heads = new ArrayList<>();
    for (Piece word : words) {
      heads.add(new Head(heads.size() + 1, 1, word.text()));
    }
    return heads;
  }

  /// A piece, without the name of the columns' dimension before it: that stands over none of them,
  /// nearer to the stub, whose names stand alone in the line below.
  private List<Piece> withoutName(Piece piece, String below) {
    List<Piece> words = TextLine.words(piece.text());
    if (words.size() < 2
        || below.isBlank()
        || below.stripTrailing().length() > piece.start()
        || TextLine.isRule(below)
        || TextLine.words(below).size() < 2) {
      return List.of(piece);
    }
    Piece name = part(piece, piece.start(), piece.start() + words.getFirst().end());
    Piece rest = part(piece, piece.start() + words.get(1).start(), piece.end());
    boolean apart =
        columns.columns().stream().noneMatch(column -> column.meets(name))
            && columns.nearest(name) < columns.nearest(rest);
    return apart ? List.of(name, rest) : List.of(piece);
  }

  /// A piece over several columns as a head a column, if its words end or begin where these do.
  private List<Piece> parted(Piece piece) {
    int[] met = columns.met(piece);
    if (met[0] == met[1] || !piece.text().contains(" ")) {
      return List.of(piece);
    }
    List<Piece> each = wordByWord(piece);
    if (each.size() > 1) {
      return keepsBrackets(each) ? each : List.of(piece);
    }
    List<Piece> ended = cut(piece, true);
    List<Piece> begun = cut(piece, false);
    List<Piece> parts = begun.size() > ended.size() ? begun : ended;
    return keepsBrackets(parts) ? parts : List.of(piece);
  }

  /// Whether no part is but the bracket of the one before, as in “Islander (n = 209)”.
  private static boolean keepsBrackets(List<Piece> parts) {
    boolean all = parts.stream().allMatch(one -> one.text().startsWith("("));
    return all || parts.stream().skip(1).noneMatch(one -> one.text().startsWith("("));
  }

  /// The words of a piece gathered by the column that each stands over, if each gathering begins or
  /// ends with its column.
  private List<Piece> wordByWord(Piece piece) {
    List<Piece> gathered = new ArrayList<>();
    int before = -1;
    for (Piece word : TextLine.words(piece.text())) {
      Piece placed =
          new Piece(word.start() + piece.start(), word.end() + piece.start(), word.text());
      int at = columns.nearest(placed);
      if (at == before) {
        gathered.add(part(piece, gathered.removeLast().start(), placed.end()));
      } else {
        gathered.add(placed);
      }
      before = at;
    }
    boolean aligned =
        gathered.stream()
            .allMatch(
                one -> {
                  Column column = column(columns.nearest(one));
                  return one.start() == column.start() || one.end() == column.end();
                });
    return aligned ? gathered : List.of(piece);
  }

  /// Cuts behind words that end where columns end, or before words that begin where they begin.
  private List<Piece> cut(Piece piece, boolean atEnds) {
    List<Piece> parts = new ArrayList<>();
    int start = piece.start();
    int before = -1;
    List<Piece> words = new ArrayList<>();
    TextLine.words(piece.text())
        .forEach(
            word ->
                words.add(
                    new Piece(
                        word.start() + piece.start(), word.end() + piece.start(), word.text())));
    for (Piece word : words) {
      boolean here =
          atEnds ? before >= 0 && endsAColumn(before) : before >= 0 && beginsAColumn(word.start());
      if (here) {
        parts.add(part(piece, start, before));
        start = word.start();
      }
      before = word.end();
    }
    parts.add(part(piece, start, piece.end()));
    boolean sound =
        parts.stream()
            .allMatch(
                one ->
                    atEnds
                        ? endsAColumn(one.end()) || one.end() == piece.end()
                        : beginsAColumn(one.start()) || one.start() == piece.start());
    boolean apart =
        parts.stream().map(one -> columns.met(one)[atEnds ? 1 : 0]).distinct().count()
            == parts.size();
    return sound && apart ? parts : List.of(piece);
  }

  private static Piece part(Piece piece, int start, int end) {
    return new Piece(
        start, end, piece.text().substring(start - piece.start(), end - piece.start()));
  }

  private boolean endsAColumn(int end) {
    return columns.columns().stream().anyMatch(column -> column.end() == end);
  }

  private boolean beginsAColumn(int start) {
    return columns.columns().stream().anyMatch(column -> column.start() == start);
  }

  private static Piece widened(Piece piece, List<Piece> rules) {
    for (Piece rule : rules) {
      if (piece.start() >= rule.start() && piece.end() <= rule.end()) {
        return new Piece(rule.start(), rule.end(), piece.text());
      }
    }
    return piece;
  }

  private boolean isEachOverOne(List<Piece> pieces) {
    return pieces.size() == columns.size();
  }

  /// Heads that may reach over several columns: where each ends or begins with a column, they stand
  /// over the first of theirs; else each in the middle of its share.
  private List<Head> spread(List<Piece> pieces) {
    int first =
        pieces.isEmpty() || columns.nearest(pieces.getFirst()) > 0 || columns.size() < 2 ? 0 : 1;
    List<Piece> heads = pieces.subList(first, pieces.size());
    long aligned =
        heads.stream()
            .filter(head -> endsAColumn(head.end()) || beginsAColumn(head.start()))
            .count();
    int[] shares = centred(heads);
    boolean narrow = heads.stream().allMatch(head -> columns.met(head)[0] == columns.met(head)[1]);
    if (shares.length == 0 || aligned == heads.size() && narrow) {
      return placed(pieces);
    }
    List<Head> placed = new ArrayList<>(placed(pieces.subList(0, first)));
    for (int i = 0; i < heads.size(); i++) {
      int to = shares[i + 1];
      placed.add(new Head(shares[i], to - shares[i], heads.get(i).text()));
    }
    return placed;
  }

  /// Where the share of each head begins if they share out all columns but the first and each
  /// stands in the middle of its share; nothing if they don't.
  private int[] centred(List<Piece> heads) {
    int from = 1;
    int count = columns.size() - from;
    if (heads.isEmpty() || count < heads.size() || heads.size() * 2 > count + 1) {
      return new int[0];
    }
    double[][] cost = new double[heads.size() + 1][count + 1];
    int[][] cut = new int[heads.size() + 1][count + 1];
    for (double[] row : cost) {
      Arrays.fill(row, Double.MAX_VALUE);
    }
    // Columns on the left may have no head: levels of the stub.
    for (int skipped = 0; skipped <= count - heads.size(); skipped++) {
      cost[0][skipped] = skipped * 2.0;
    }
    for (int head = 1; head <= heads.size(); head++) {
      for (int end = head; end <= count; end++) {
        for (int begin = head - 1; begin < end; begin++) {
          if (cost[head - 1][begin] == Double.MAX_VALUE) {
            continue;
          }
          double middle =
              (columns.columns().get(from + begin).start()
                      + columns.columns().get(from + end - 1).end())
                  / 2.0;
          double away =
              Math.abs(middle - (heads.get(head - 1).start() + heads.get(head - 1).end()) / 2.0);
          double total = cost[head - 1][begin] + away;
          if (total < cost[head][end]) {
            cost[head][end] = total;
            cut[head][end] = begin;
          }
        }
      }
    }
    // So may columns on the right: totals.
    int end = count;
    for (int last = heads.size(); last < count; last++) {
      if (cost[heads.size()][last] + 2 * (count - last) < cost[heads.size()][end]) {
        end = last;
      }
    }
    if (cost[heads.size()][end] > 4.0 * heads.size()) {
      return new int[0];
    }
    int[] shares = new int[heads.size() + 1];
    shares[heads.size()] = from + end;
    for (int head = heads.size(); head > 0; head--) {
      end = cut[head][end];
      shares[head - 1] = from + end;
    }
    return shares;
  }

  private List<Head> placed(List<Piece> pieces) {
    List<Head> placed = new ArrayList<>();
    int free = 0;
    for (Piece piece : pieces) {
      int[] met = columns.met(piece);
      boolean pushed = met[0] < free && met[1] >= free;
      int at = pushed ? free : met[0];
      if (at < free && !placed.isEmpty()) {
        Head last = placed.removeLast();
        placed.add(new Head(last.column, last.span, last.text + " " + piece.text()));
        continue;
      }
      placed.add(new Head(at, Math.max(1, met[1] - at + 1), piece.text()));
      free = Math.max(free, met[1] + 1);
    }
    return placed;
  }

  /// Where a column stands.
  Column column(int at) {
    return columns.columns().get(at);
  }
}
