package app.finish.formats;

import app.finish.formats.Survey.Answer;
import app.finish.formats.Survey.Correlation;
import app.finish.formats.Survey.Fit;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Prints the survey's statistics as HTML, the way statistics packages print them: frequencies,
/// descriptives, a stacked crosstab, correlations, regressions, analyses of variance, t-tests,
/// pairwise comparisons. A cell is written `text`, `text~mark` for a raised mark, `text>3` to reach
/// over columns, `text^2` over rows.
public final class SurveyOutput {
  private static final Pattern CELL =
      Pattern.compile("(.*?)(?:~([a-z*,]+))?(?:>([0-9]+))?(?:\\^([0-9]+))?", Pattern.DOTALL);
  private static final List<ToDoubleFunction<Answer>> SCALES =
      List.of(Answer::comfort, Answer::trust, Answer::crowding);
  private static final String[] NAMES = {"Comfort", "Trust", "Crowding"};

  private final Survey survey = new Survey();
  private final StringBuilder html = new StringBuilder();

  public static void main(String[] arguments) throws IOException {
    Files.writeString(Path.of(arguments[0]), new SurveyOutput().html());
  }

  public String html() {
    html.append("<!DOCTYPE html>\n<html lang=\"en\"><head><meta charset=\"utf-8\">");
    html.append("<title>Marram Sound passenger survey</title></head><body>\n");
    frequencies();
    descriptives();
    descriptivesDown();
    crosstab();
    correlations();
    regression();
    variance();
    multivariate();
    tTests();
    pairwise();
    return html.append("</body></html>\n").toString();
  }

  private void table(String title, List<String[]> heads, List<String[]> body, String... notes) {
    html.append("<table>\n<caption>").append(title).append("</caption>\n");
    rows(heads, "th");
    rows(body, "td");
    int width = body.getFirst().length;
    for (String note : notes) {
      html.append("<tr><td colspan=\"").append(width).append("\">").append(note);
      html.append("</td></tr>\n");
    }
    html.append("</table>\n");
  }

  private void rows(List<String[]> rows, String tag) {
    for (String[] row : rows) {
      html.append("<tr>");
      for (String cell : row) {
        Matcher match = CELL.matcher(cell);
        match.matches();
        html.append("<").append(tag);
        attribute("colspan", match.group(3));
        attribute("rowspan", match.group(4));
        html.append(">").append(match.group(1).replace("<", "&lt;"));
        if (match.group(2) != null) {
          html.append("<sup>").append(match.group(2)).append("</sup>");
        }
        html.append("</").append(tag).append(">");
      }
      html.append("</tr>\n");
    }
  }

  private void attribute(String name, String value) {
    if (value != null) {
      html.append(" ").append(name).append("=\"").append(value).append("\"");
    }
  }

  private static String[] row(String... cells) {
    return cells;
  }

  static String fixed(double value, int decimals) {
    return String.format(Locale.ROOT, "%." + decimals + "f", value);
  }

  /// A figure without the zero before the point, as packages print what lies between −1 and 1.
  static String bare(double value, int decimals) {
    return fixed(value, decimals).replaceFirst("^(-?)0\\.", "$1.");
  }

  static String significance(double p) {
    return p < 0.001 ? "<.001" : bare(p, 3);
  }

  private void frequencies() {
    long n = survey.answers.size();
    long missing = survey.count(answer -> answer.ticket() < 0);
    List<String[]> body = new ArrayList<>();
    double cumulative = 0;
    for (int ticket = 0; ticket < Survey.TICKETS.length; ticket++) {
      int at = ticket;
      long count = survey.count(answer -> answer.ticket() == at);
      double valid = 100.0 * count / (n - missing);
      cumulative += valid;
      List<String> row = new ArrayList<>();
      if (ticket == 0) {
        row.add("Answered^4");
      }
      row.addAll(
          List.of(
              Survey.TICKETS[ticket],
              "" + count,
              fixed(100.0 * count / n, 1),
              fixed(valid, 1),
              fixed(cumulative, 1)));
      body.add(row.toArray(String[]::new));
    }
    body.add(row("Total", "" + (n - missing), fixed(100.0 * (n - missing) / n, 1), "100.0", ""));
    String share = fixed(100.0 * missing / n, 1);
    body.add(row("Missing", "No answer", "" + missing, share, "", ""));
    body.add(row("Total>2", "" + n, "100.0", "", ""));
    table("Ticket held", List.<String[]>of(row(">2", "n", "%", "% of answers", "Running %")), body);
  }

  private void descriptives() {
    List<String[]> body = new ArrayList<>();
    for (int home = 0; home <= 2; home++) {
      for (int age = 0; age <= 4; age++) {
        int h = home;
        int a = age;
        Predicate<Answer> where =
            answer -> (h == 2 || answer.home() == h) && (a == 4 || answer.age() == a);
        double[] values = survey.values(Answer::comfort, where);
        String label = age == 4 ? "Total" : Survey.AGES[age];
        String mean = fixed(Survey.mean(values), 2);
        String deviation = fixed(Survey.deviation(values), 3);
        String group = home == 2 ? "Total^5" : Survey.HOMES[home] + "^5";
        body.add(
            age == 0
                ? row(group, label, mean, deviation, "" + values.length)
                : row(label, mean, deviation, "" + values.length));
      }
    }
    table(
        "Waiting comfort by residence and age",
        List.<String[]>of(row("Residence", "Age", "M", "SD", "n")),
        body);
  }

  private void descriptivesDown() {
    List<String[]> body = new ArrayList<>();
    String[] labels = {"n", "M", "SE", "Mdn", "SD", "Least"};
    for (String label : labels) {
      List<String> row = new ArrayList<>(List.of(label));
      for (ToDoubleFunction<Answer> scale : SCALES) {
        double[] values = survey.values(scale, answer -> true);
        double[] sorted = values.clone();
        java.util.Arrays.sort(sorted);
        row.add(
            switch (label) {
              case "n" -> "" + values.length;
              case "M" -> fixed(Survey.mean(values), 2);
              case "SE" -> bare(Survey.error(values), 3);
              case "Mdn" -> fixed(sorted[sorted.length / 2], 2);
              case "SD" -> bare(Survey.deviation(values), 3);
              default -> fixed(sorted[0], 2);
            });
      }
      body.add(row.toArray(String[]::new));
    }
    table("Three scales", List.<String[]>of(row("", NAMES[0], NAMES[1], NAMES[2])), body);
  }

  private void crosstab() {
    Predicate<Answer> asked = answer -> answer.ticket() >= 0;
    long n = survey.count(asked);
    List<String[]> body = new ArrayList<>();
    double chi = 0;
    for (int home = 0; home <= 2; home++) {
      int h = home;
      List<List<String>> rows = new ArrayList<>();
      String[] labels = {"n", "Expected n", "Row %", "Column %", "Total %"};
      for (String label : labels) {
        rows.add(new ArrayList<>(List.of(label)));
      }
      rows.getFirst().addFirst(home == 2 ? "Total>2^5" : Survey.HOMES[home] + "^5");
      if (home == 0) {
        rows.getFirst().addFirst("Residence^10");
      }
      for (int ticket = 0; ticket <= 3; ticket++) {
        int t = ticket;
        Predicate<Answer> inRow = asked.and(answer -> h == 2 || answer.home() == h);
        Predicate<Answer> inColumn = asked.and(answer -> t == 3 || answer.ticket() == t);
        long row = survey.count(inRow);
        long column = survey.count(inColumn);
        long count = survey.count(inRow.and(inColumn));
        double expected = (double) row * column / n;
        chi += home < 2 && ticket < 3 ? (count - expected) * (count - expected) / expected : 0;
        rows.get(0).add("" + count);
        rows.get(1).add(fixed(expected, 1));
        rows.get(2).add(fixed(100.0 * count / row, 1) + "%");
        rows.get(3).add(fixed(100.0 * count / column, 1) + "%");
        rows.get(4).add(fixed(100.0 * count / n, 1) + "%");
      }
      rows.forEach(row -> body.add(row.toArray(String[]::new)));
    }
    table(
        "Residence by ticket",
        List.of(row(">3^2", "Ticket>3", "Total^2"), Survey.TICKETS),
        body,
        "Note. χ²(2) = " + fixed(chi, 1) + ", p " + significance(Survey.pOfChi(chi, 2)));
  }

  private void correlations() {
    List<String[]> body = new ArrayList<>();
    for (int down = 0; down < 3; down++) {
      List<List<String>> rows = new ArrayList<>();
      for (String label : List.of("r", "p", "n")) {
        rows.add(new ArrayList<>(List.of(label)));
      }
      rows.getFirst().addFirst(NAMES[down] + "^3");
      for (int across = 0; across < 3; across++) {
        Correlation found = survey.correlation(SCALES.get(down), SCALES.get(across));
        boolean same = down == across;
        String stars = found.p() < 0.01 ? "~**" : found.p() < 0.05 ? "~*" : "";
        rows.get(0).add(same ? "1" : bare(found.r(), 3) + stars);
        rows.get(1).add(same ? "" : significance(found.p()));
        rows.get(2).add("" + found.n());
      }
      rows.forEach(row -> body.add(row.toArray(String[]::new)));
    }
    table(
        "Correlations of the scales",
        List.<String[]>of(row(">2", NAMES[0], NAMES[1], NAMES[2])),
        body,
        "** p < .01, two-sided.");
  }

  static List<Answer> whole(Survey survey) {
    return survey.answers.stream()
        .filter(one -> !Double.isNaN(one.comfort() + one.trust() + one.crowding()))
        .toList();
  }

  static double[] column(List<Answer> answers, ToDoubleFunction<Answer> of) {
    return answers.stream().mapToDouble(of).toArray();
  }

  private void regression() {
    List<Answer> whole = whole(survey);
    double[] comfort = column(whole, Answer::comfort);
    double[] age = column(whole, Answer::age);
    double[] visitor = column(whole, Answer::home);
    double[] trust = column(whole, Answer::trust);
    double[] crowding = column(whole, Answer::crowding);
    List<String[]> body = new ArrayList<>();
    block(body, "1", Survey.fit(comfort, age, visitor), "Age band", "Visitor");
    block(
        body,
        "2",
        Survey.fit(comfort, age, visitor, trust, crowding),
        "Age band",
        "Visitor",
        "Trust",
        "Crowding");
    table(
        "Regression of comfort",
        List.of(
            row("Model>2^2", "Raw scale>2", "Standardised", "t^2", "p^2", "95% CI>2"),
            row("Estimate", "SE", "β", "lower", "upper")),
        body,
        "Outcome: comfort");
  }

  private static void block(List<String[]> body, String model, Fit fit, String... names) {
    double critical = Survey.critical(fit.df());
    for (int k = 0; k < fit.b().length; k++) {
      double t = fit.b()[k] / fit.se()[k];
      List<String> row = new ArrayList<>();
      if (k == 0) {
        row.add(model + "^" + fit.b().length);
      }
      row.addAll(
          List.of(
              k == 0 ? "Intercept" : names[k - 1],
              bare(fit.b()[k], 3),
              bare(fit.se()[k], 3),
              k == 0 ? "" : bare(fit.beta()[k], 3),
              fixed(t, 3),
              significance(Survey.p(t, fit.df())),
              bare(fit.b()[k] - critical * fit.se()[k], 3),
              bare(fit.b()[k] + critical * fit.se()[k], 3)));
      body.add(row.toArray(String[]::new));
    }
  }

  private void variance() {
    List<Answer> whole = whole(survey);
    double[] y = column(whole, Answer::comfort);
    double[] home = column(whole, answer -> answer.home() == 0 ? 1 : -1);
    double[][] age = new double[3][];
    double[][] both = new double[3][];
    for (int k = 0; k < 3; k++) {
      int level = k;
      age[k] = column(whole, one -> one.age() == level ? 1 : one.age() == 3 ? -1 : 0);
      both[k] = new double[y.length];
      for (int i = 0; i < y.length; i++) {
        both[k][i] = age[k][i] * home[i];
      }
    }
    Fit full = Survey.fit(y, home, age[0], age[1], age[2], both[0], both[1], both[2]);
    double[] sums = {
      full.sst() - full.sse(),
      Survey.fit(y, age[0], age[1], age[2], both[0], both[1], both[2]).sse() - full.sse(),
      Survey.fit(y, home, both[0], both[1], both[2]).sse() - full.sse(),
      Survey.fit(y, home, age[0], age[1], age[2]).sse() - full.sse()
    };
    int[] freedom = {7, 1, 3, 3};
    String[] sources = {"Model", "Residence", "Age", "Residence × Age"};
    List<String[]> body = new ArrayList<>();
    double error = full.sse() / full.df();
    for (int i = 0; i < sources.length; i++) {
      double f = sums[i] / freedom[i] / error;
      body.add(
          row(
              sources[i],
              fixed(sums[i], 3) + (i == 0 ? "~a" : ""),
              "" + freedom[i],
              fixed(sums[i] / freedom[i], 3),
              fixed(f, 3),
              significance(Survey.pOfF(f, freedom[i], full.df())),
              bare(sums[i] / (sums[i] + full.sse()), 3)));
    }
    body.add(row("Error", fixed(full.sse(), 3), "" + (int) full.df(), bare(error, 3), "", "", ""));
    body.add(row("Total", fixed(full.sst(), 3), "" + (full.n() - 1), "", "", "", ""));
    double r = 1 - full.sse() / full.sst();
    double adjusted = 1 - (1 - r) * (full.n() - 1) / full.df();
    table(
        "Analysis of variance of comfort",
        List.<String[]>of(row("Source", "SS", "df", "MS", "F", "p", "partial η²")),
        body,
        "a. R² = " + bare(r, 3) + " (adjusted R² = " + bare(adjusted, 3) + ")");
  }

  /// Two groups have one root, so the four tests follow from it, and F is exact.
  private void multivariate() {
    List<Answer> whole = whole(survey);
    double[] home = column(whole, Answer::home);
    double[][] predictors = new double[3][];
    for (int k = 0; k < 3; k++) {
      predictors[k] = column(whole, SCALES.get(k));
    }
    Fit fit = Survey.fit(home, predictors);
    double pillai = 1 - fit.sse() / fit.sst();
    double root = pillai / (1 - pillai);
    double df = fit.df();
    double f = root * df / 3;
    String[] tests = {"Pillai’s trace", "Wilks’ lambda", "Hotelling’s trace", "Roy’s largest root"};
    double[] values = {pillai, 1 - pillai, root, root};
    List<String[]> body = new ArrayList<>();
    for (int i = 0; i < tests.length; i++) {
      List<String> row = new ArrayList<>();
      if (i == 0) {
        row.add("Residence^4");
      }
      row.addAll(
          List.of(
              tests[i],
              bare(values[i], 3),
              fixed(f, 3) + "~b",
              "3.000",
              fixed(df, 3),
              significance(Survey.pOfF(f, 3, df))));
      body.add(row.toArray(String[]::new));
    }
    table(
        "Tests on all scales<sup>a</sup>",
        List.<String[]>of(row("Effect>2", "Value", "F", "df of effect", "df of error", "p")),
        body,
        "a. Effect of residence, with an intercept",
        "b. F is exact");
  }

  private void tTests() {
    List<String[]> body = new ArrayList<>();
    for (int k = 0; k < 3; k++) {
      double[] first = survey.values(SCALES.get(k), answer -> answer.home() == 0);
      double[] second = survey.values(SCALES.get(k), answer -> answer.home() == 1);
      double a = Math.pow(Survey.deviation(first), 2);
      double b = Math.pow(Survey.deviation(second), 2);
      int n = first.length;
      int m = second.length;
      double pooled = ((n - 1) * a + (m - 1) * b) / (n + m - 2);
      double apart = a / n + b / m;
      double welch = apart * apart / (a * a / n / n / (n - 1) + b * b / m / m / (m - 1));
      double difference = Survey.mean(first) - Survey.mean(second);
      double levene = levene(first, second);
      body.add(
          tTest(
              NAMES[k] + "^2",
              "Student’s t",
              List.of(fixed(levene, 3), significance(Survey.pOfF(levene, 1, n + m - 2))),
              difference,
              Math.sqrt(pooled / n + pooled / m),
              n + m - 2,
              0));
      body.add(tTest("", "Welch’s t", List.of("", ""), difference, Math.sqrt(apart), welch, 3));
    }
    table(
        "Islanders beside visitors",
        List.of(
            row(">2^2", "Levene’s test>2", "Difference between groups>7"),
            row("F", "p", "t", "df", "p", "Mean difference", "SE", "95% CI lower", "95% CI upper")),
        body);
  }

  private static double levene(double[] first, double[] second) {
    double[] z = new double[first.length];
    double[] w = new double[second.length];
    for (int i = 0; i < z.length; i++) {
      z[i] = Math.abs(first[i] - Survey.mean(first));
    }
    for (int i = 0; i < w.length; i++) {
      w[i] = Math.abs(second[i] - Survey.mean(second));
    }
    double all = (Survey.mean(z) * z.length + Survey.mean(w) * w.length) / (z.length + w.length);
    double between =
        z.length * Math.pow(Survey.mean(z) - all, 2) + w.length * Math.pow(Survey.mean(w) - all, 2);
    double within =
        (z.length - 1) * Math.pow(Survey.deviation(z), 2)
            + (w.length - 1) * Math.pow(Survey.deviation(w), 2);
    return (z.length + w.length - 2) * between / within;
  }

  private static String[] tTest(
      String label,
      String variances,
      List<String> levene,
      double difference,
      double error,
      double df,
      int decimals) {
    double t = difference / error;
    List<String> row = new ArrayList<>();
    if (!label.isEmpty()) {
      row.add(label);
    }
    row.add(variances);
    row.addAll(levene);
    row.addAll(
        List.of(
            fixed(t, 3),
            fixed(df, decimals),
            significance(Survey.p(t, df)),
            bare(difference, 3),
            bare(error, 3),
            bare(difference - Survey.critical(df) * error, 3),
            bare(difference + Survey.critical(df) * error, 3)));
    return row.toArray(String[]::new);
  }

  private void pairwise() {
    List<String[]> body = new ArrayList<>();
    double[][] groups = new double[3][];
    double within = 0;
    int n = 0;
    for (int t = 0; t < 3; t++) {
      int ticket = t;
      groups[t] = survey.values(Answer::comfort, answer -> answer.ticket() == ticket);
      within += Math.pow(Survey.deviation(groups[t]), 2) * (groups[t].length - 1);
      n += groups[t].length;
    }
    double square = within / (n - 3);
    for (int i = 0; i < 3; i++) {
      int seen = 0;
      for (int j = 0; j < 3; j++) {
        if (i == j) {
          continue;
        }
        double difference = Survey.mean(groups[i]) - Survey.mean(groups[j]);
        double error = Math.sqrt(square / groups[i].length + square / groups[j].length);
        double p = Math.min(1, 3 * Survey.p(difference / error, n - 3));
        double critical =
            new org.apache.commons.math3.distribution.TDistribution(n - 3)
                .inverseCumulativeProbability(1 - 0.025 / 3);
        List<String> row = new ArrayList<>();
        if (seen++ == 0) {
          row.add(Survey.TICKETS[i] + "^2");
        }
        row.addAll(
            List.of(
                Survey.TICKETS[j],
                bare(difference, 3) + (p < 0.05 ? "~*" : ""),
                bare(error, 3),
                p > 0.9995 ? "1.000" : significance(p),
                bare(difference - critical * error, 3),
                bare(difference + critical * error, 3)));
        body.add(row.toArray(String[]::new));
      }
    }
    table(
        "Tickets beside each other",
        List.of(
            row("Group A^2", "Group B^2", "Mean difference^2", "SE^2", "p~b^2", "95% CI>2"),
            row("lower", "upper")),
        body,
        "Means are adjusted for nothing.",
        "* p < .05.",
        "b. p is adjusted for three comparisons (Bonferroni).");
  }
}
