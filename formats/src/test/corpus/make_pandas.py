"""Prints the frames with pandas: console text (whole and wrapped), HTML, CSV, Markdown, workbooks."""

import io

import pandas as pd

from frames import S, V, shapes
from marram import Truth, of_frame, table

truth = Truth("pandas")
for name, (frame, fact) in shapes().items():
    truth.write(f"{name}.txt", frame.to_string() + "\n", fact)

for name in ["nested", "pivot", "crosstab", "sexes", "measures-across", "statistics-across", "years", "describe", "two-over"]:
    frame, fact = shapes()[name]
    truth.write(f"{name}.html", frame.to_html(), fact)
for name in ["nested", "pivot", "describe-groups", "three-levels", "correlations"]:
    frame, fact = shapes()[name]
    # CSV of a frame bears the names of its stub and no name of its columns.
    truth.write(f"{name}.csv", frame.to_csv(), {**fact, "across": [""]})
for name in ["sums", "pivot", "crosstab", "measures-across", "years-under-seasons", "three-levels", "statistics-across", "two-over"]:
    frame, fact = shapes()[name]
    frame.to_excel(truth.folder / f"{name}.xlsx", sheet_name="Marram Sound")
    # Columns of one level come without their name.
    truth.add(f"{name}.xlsx", fact if frame.columns.nlevels > 1 else {**fact, "across": [""]})
for name in ["pivot", "describe", "sums"]:
    frame, fact = shapes()[name]
    truth.write(f"{name}.md", frame.to_markdown(floatfmt=".10g") + "\n", {**fact, "across": [""]})

# Wrapped: a frame too wide for the console goes on below.
for name, width in [("describe-groups", 46), ("statistics-across", 44), ("years-under-seasons", 60), ("measures-across", 52)]:
    frame, fact = shapes()[name]
    truth.write(f"{name}-wrapped.txt", frame.to_string(line_width=width) + "\n", fact)

# A session, as someone copies it: prompts, prose and several prints.
sums, sums_fact = shapes()["sums"]
cross, cross_fact = shapes()["crosstab"]
counts = V["Ticket"].value_counts()
session = io.StringIO()
session.write(">>> import pandas as pd\n>>> sailings = pd.read_csv('sailings.csv')\n>>> sailings.groupby('Route')[['Passengers', 'Vehicles', 'Fares']].sum()\n")
session.write(sums.to_string() + "\n")
session.write(">>> pd.crosstab(survey.Residence, survey.Ticket, margins=True)\n" + cross.to_string() + "\n")
session.write(">>> survey.Ticket.value_counts()\n" + counts.to_string() + "\nName: Ticket, dtype: int64\n>>> \n")
truth.write(
    "session.txt",
    session.getvalue(),
    sums_fact,
    cross_fact,
    table(list(counts.index), ["Ticket"], [[one] for one in counts], kind="count|value"),
)

series = S.groupby("Vessel")["Passengers"].sum()
truth.write(
    "series.txt",
    str(series) + "\n",
    table(list(series.index), ["Passengers"], [[one] for one in series], down=["Vessel"], kind="value|count"),
)
nested = S.groupby(["Vessel", "Season"])["Late"].mean().round(2)
truth.write(
    "series-nested.txt",
    str(nested) + "\n",
    table(list(nested.index), ["Late"], [[one] for one in nested], down=["Vessel", "Season"]),
)

formatted = shapes()["sums"][0].copy()
formatted["Fares"] = formatted["Fares"].map("${:,.2f}".format)
formatted["Share"] = (formatted["Passengers"] / formatted["Passengers"].sum() * 100).map("{:.1f}%".format)
fact = of_frame(shapes()["sums"][0].assign(Share=[float(one[:-1]) for one in formatted["Share"]]), columnKinds=["count", "count", "sum", "percent"], columnUnits=["", "", "$", "%"])
truth.write("money.txt", formatted.to_string() + "\n", fact)
truth.write("money.html", formatted.to_html(), fact)

holes = shapes()["late"][0].copy()
holes.iloc[2, 1] = None
holes.iloc[5, 0] = None
truth.write("holes.txt", holes.to_string() + "\n", of_frame(holes))
truth.write("holes-dash.txt", holes.to_string(na_rep="-") + "\n", of_frame(holes))
truth.save()
