"""Prints models and tests with statsmodels, as text, HTML and CSV."""

import warnings

import pandas as pd
import statsmodels.api as sm
import statsmodels.formula.api as smf
from statsmodels.iolib.summary2 import summary_col
from statsmodels.stats.multicomp import pairwise_tukeyhsd

from frames import S, V
from marram import Truth, of_frame, table

warnings.simplefilter("ignore")
truth = Truth("statistics")
COEFS = ["coef", "std err", "t", "P>|t|", "[0.025", "0.975]"]
KINDS = ["coefficient", "error", "test", "p", "interval", "interval"]


def number(text):
    try:
        return float(text)
    except ValueError:
        return text


def panel(simple):
    """The pairs of a panel of two columns of names and figures, as a table of one column."""
    pairs = []
    for i in (0, 2):
        for row in simple.data:
            name = str(row[i]).strip().rstrip(":") if i < len(row) else ""
            if name:
                pairs.append((name, str(row[i + 1]).strip()))
    return table([name for name, _ in pairs], [""], [[number(value)] for _, value in pairs], panel=True)


def coefficients(simple, **more):
    rows = simple.data[1:]
    return table([row[0] for row in rows], [str(one).strip() for one in simple.data[0][1:]], [[number(one) for one in row[1:]] for row in rows], **more)


def model(name, fit, kinds=KINDS):
    summary = fit.summary()
    tables = [panel(summary.tables[0]), coefficients(summary.tables[1], columnKinds=kinds)]
    if len(summary.tables) > 2:
        tables.append(panel(summary.tables[2]))
    tables[0]["title"] = summary.tables[0].title or ""
    truth.write(f"{name}.txt", str(summary) + "\n", *tables)
    return summary, tables


ols = smf.ols("Trust ~ Wait + Comfort + Crowding", V).fit()
summary, tables = model("ols", ols)
truth.write("ols.html", summary.as_html(), *tables)
truth.write("ols-coefficients.html", summary.tables[1].as_html(), tables[1])
model("ols-groups", smf.ols("Comfort ~ Wait * C(Residence) + C(Ticket)", V).fit())
Z = ["coefficient", "error", "test", "p", "interval", "interval"]
model("logit", smf.logit("Again ~ Trust + Wait", V).fit(disp=0), Z)
model("poisson", smf.poisson("Crowding ~ Wait + Trust", V).fit(disp=0), Z)
model("glm", smf.glm("Again ~ Comfort + C(Residence)", V, family=sm.families.Binomial()).fit(), Z)

for name, formula, typ in [("anova-1", "Wait ~ C(Ticket)", 1), ("anova-2", "Comfort ~ C(Ticket) * C(Residence)", 2)]:
    frame = sm.stats.anova_lm(smf.ols(formula, V).fit(), typ=typ).round(4)
    kinds = {"df": "freedom", "sum_sq": "sum|statistic", "mean_sq": "statistic", "F": "test", "PR(>F)": "p"}
    fact = of_frame(frame, columnKinds=[kinds[one] for one in frame.columns])
    truth.write(f"{name}.txt", frame.to_string() + "\n", fact)
    truth.write(f"{name}.html", frame.to_html(), fact)
    frame.to_csv(truth.folder / f"{name}.csv")
    truth.add(f"{name}.csv", fact)

compare = sm.stats.anova_lm(smf.ols("Trust ~ Wait", V).fit(), ols).round(4)
truth.write("anova-models.txt", compare.to_string() + "\n", of_frame(compare, columnKinds=["freedom", "sum|statistic", "freedom", "sum|statistic", "test", "p"]))

tukey = pairwise_tukeyhsd(V["Wait"], V["Ticket"])
results = tukey._results_table.data
truth.write(
    "tukey.txt",
    str(tukey.summary()) + "\n",
    table(
        [tuple(row[:2]) for row in results[1:]],
        results[0][2:],
        [[float(row[2]), float(row[3]), float(row[4]), float(row[5]), str(row[6])] for row in results[1:]],
        columnKinds=["mean|coefficient", "p", "interval", "interval", "value"],
        down=["group1", "group2"],
        title="Multiple Comparison of Means - Tukey HSD, FWER=0.05",
    ),
)

models = [smf.ols("Trust ~ Wait", V).fit(), smf.ols("Trust ~ Wait + Comfort", V).fit(), ols]
col = summary_col(models, stars=True, model_names=["(1)", "(2)", "(3)"], float_format="%0.3f", info_dict={"N": lambda fit: f"{int(fit.nobs)}"})
rows, figures, kinds = [], [], []
data = col.tables[0]
last = ""
for label, row in zip(data.index, data.values):
    name = label or last
    last = name
    bracketed = str(row[-1]).startswith("(") or str(row[0]).startswith("(")
    rows.append((label,))
    kinds.append("error" if bracketed else "count" if label == "N" else "correlation|statistic" if label.startswith("R-sq") else "coefficient")
    figures.append([number(str(one).replace("*", "").strip("()")) if str(one) else None for one in row])
# R-squared Adj. stands in the second line of R-squared.
truth.write(
    "models.txt",
    str(col) + "\n",
    table(
        rows,
        ["(1)", "(2)", "(3)"],
        figures,
        rowKinds=kinds,
        brackets=True,
        notes=["Standard errors in parentheses.", "* p<.1, ** p<.05, ***p<.01"],
    ),
)

summary2 = ols.summary2()
truth.write(
    "ols-wide.txt",
    str(summary2) + "\n",
    panel_table := table(
        [str(one).rstrip(":") for i in (0, 2) for one in summary2.tables[0].values[:, i] if str(one)],
        [""],
        [[number(str(row[i + 1]).strip())] for i in (0, 2) for row in summary2.tables[0].values if str(row[i])],
        panel=True,
        title="Results: Ordinary least squares",
    ),
    table(
        list(summary2.tables[1].index),
        ["Coef.", "Std.Err.", "t", "P>|t|", "[0.025", "0.975]"],
        [[round(one, 4) for one in row] for row in summary2.tables[1].values.tolist()],
        columnKinds=KINDS,
    ),
    table(
        [str(one).rstrip(":") for i in (0, 2) for one in summary2.tables[2].values[:, i] if str(one)],
        [""],
        [[number(str(row[i + 1]).strip())] for i in (0, 2) for row in summary2.tables[2].values if str(row[i])],
        panel=True,
    ),
)

cross = sm.stats.Table.from_data(V[["Residence", "Ticket"]])
truth.write("contingency.txt", str(cross.table_orig) + "\n", of_frame(cross.table_orig, kind="count|value"))
truth.write("residuals.txt", cross.resid_pearson.round(3).to_string() + "\n", of_frame(cross.resid_pearson.round(3)))
truth.save()
