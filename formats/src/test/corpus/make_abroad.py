"""Prints other frames with other printers: Miller, csvkit, datamash, agate, astropy, column, psql's forms, Perl and Ruby tables.

These were not looked at while recognition was written.
"""

import io
import random
import subprocess

import agate
import pandas as pd
from astropy.table import Table as SkyTable

from marram import ROOT, Truth, of_frame, plain, sailings, survey, table

truth = Truth("abroad")
S = sailings(700, 77)
V = survey(510, 88)


def run(*command, text):
    return subprocess.run(command, input=text, capture_output=True, text=True, check=True).stdout


def flat(frame, **more):
    heads = list(frame.index.names) + [str(one) for one in frame.columns]
    rows = [list(index if isinstance(index, tuple) else (index,)) + [plain(one) for one in row] for index, row in zip(frame.index, frame.itertuples(index=False))]
    return heads, rows, {**of_frame(frame, **more), "across": [""]}


def csv(heads, rows):
    out = io.StringIO()
    pd.DataFrame(rows, columns=heads).to_csv(out, index=False)
    return out.getvalue()


FRAMES = {
    "income": flat(S.groupby("Vessel")[["Passengers", "Fares", "Cost"]].sum().round(2), columnKinds=["count", "sum", "sum"]),
    "waits": flat(V.groupby(["Residence", "Ticket"])["Wait"].agg(["count", "mean", "std", "min", "max"]).round(2), columnKinds=["count", "mean", "deviation", "statistic", "statistic"]),
    "answers": flat(pd.crosstab(V["Comfort"].map({1: "Very poor", 2: "Poor", 3: "Fair", 4: "Good", 5: "Very good"}), V["Residence"], margins=True, margins_name="Total"), kind="count|value", rowRoles={5: "grand"}, columnRoles={2: "grand"}),
    "months": flat(pd.DataFrame({"Jan": [310, 288, 402], "Feb": [295, 301, 377], "Mar": [340, 322, 419]}, index=pd.Index(["Hale", "Orrin", "Skell"], name="Port")), kind="count|value"),
    "decks": flat(pd.DataFrame({"2021": [1.5, 2.25, 3.0], "2022": [1.75, 2.5, 3.25], "2023": [2.0, 2.0, 3.5]}, index=pd.Index(["Upper deck", "Main deck", "Car deck"], name="Deck")), kind="value"),
    "fees": flat(pd.DataFrame({"Fee": ["€12.50", "€8.00", "€22.75"], "Share": ["28.9%", "18.5%", "52.6%"]}, index=pd.Index(["Single", "Return", "Pass"], name="Ticket"))),
}
FRAMES["fees"][2].update(figures=[[12.5, 28.9], [8.0, 18.5], [22.75, 52.6]], columnUnits=["€", "%"])

for name, (heads, rows, fact) in FRAMES.items():
    text = csv(heads, rows)
    truth.write(f"mlr-pprint-{name}.txt", run("mlr", "--icsv", "--opprint", "cat", text=text), fact)
    truth.write(f"mlr-barred-{name}.txt", run("mlr", "--icsv", "--opprint", "--barred", "cat", text=text), fact)
    truth.write(f"mlr-right-{name}.txt", run("mlr", "--icsv", "--opprint", "--right", "cat", text=text), fact)
    truth.write(f"mlr-{name}.md", run("mlr", "--icsv", "--omd", "cat", text=text), fact)
    truth.write(f"mlr-{name}.tsv", run("mlr", "--icsv", "--otsv", "cat", text=text), fact)
    if name not in ("fees",):
        truth.write(f"csvlook-{name}.txt", run("csvlook", "-I", text=text), fact)
    pipe = "\n".join("|".join("" if one is None else str(one) for one in row) for row in [heads] + rows) + "\n"
    truth.write(f"column-{name}.txt", run("column", "-t", "-s", "|", text=pipe), fact)
    truth.write(f"semicolons-{name}.csv", text.replace(",", ";"), fact)

for name in ("income", "answers", "months", "decks"):
    heads, rows, fact = FRAMES[name]
    sky = SkyTable(rows=[tuple(one for one in row) for row in rows], names=heads)
    truth.write(f"astropy-{name}.txt", "\n".join(sky.pformat(max_lines=-1, max_width=-1)) + "\n", fact)
    out = io.StringIO()
    sky.write(out, format="ascii.fixed_width_two_line")
    truth.write(f"astropy-two-line-{name}.txt", out.getvalue() + "\n", fact)
    out = io.StringIO()
    sky.write(out, format="ascii.rst")
    truth.write(f"astropy-rst-{name}.txt", out.getvalue() + "\n", fact)
    out = io.StringIO()
    sky.write(out, format="ascii.html")
    truth.write(f"astropy-{name}.html", out.getvalue() + "\n", fact)

for name in ("income", "waits", "months"):
    heads, rows, fact = FRAMES[name]
    out = io.StringIO()
    agate.Table(rows, heads).print_table(output=out, max_columns=None, max_rows=None)
    truth.write(f"agate-{name}.txt", out.getvalue(), fact)

# datamash makes a crosstab of its own, with a corner of blanks.
pairs = V[["Residence", "Ticket"]].value_counts().unstack().fillna(0).astype(int)
text = "\n".join(f"{a}\t{b}" for a, b in zip(V["Residence"], V["Ticket"])) + "\n"
truth.write("datamash-crosstab.tsv", run("datamash", "-s", "crosstab", "1,2", text=text), {**of_frame(pairs, kind="count|value"), "down": [""], "across": [""]})

PERL = """
use Text::Table; my @l = map { chomp; [split /\\t/] } <STDIN>; my $h = shift @l;
my $t = Text::Table->new(map { ($_, \\' | ') } @$h[0..$#$h-1], $h->[-1]); $t = Text::Table->new(@$h) if $ARGV[0];
$t->load(@l); print $t;
"""
RUBY = "require 'terminal-table'; l = STDIN.read.lines.map { |x| x.chomp.split(\"\\t\", -1) }; t = Terminal::Table.new(title: 'Marram Sound', headings: l[0], rows: l[1..]); puts t"
for name in ("income", "months", "waits"):
    heads, rows, fact = FRAMES[name]
    tabs = "\n".join("\t".join("" if one is None else str(one) for one in row) for row in [heads] + rows) + "\n"
    truth.write(f"perl-{name}.txt", run("perl", "-e", PERL, "1", text=tabs), fact)
    truth.write(f"ruby-{name}.txt", run("ruby", "-e", RUBY, text=tabs), {**fact, "title": "Marram Sound"})

# Shapes that pandas can print otherwise: transposed statistics, no index, styled HTML, justified heads.
wide = V[["Wait", "Comfort", "Trust"]].agg(["mean", "std", "min", "max"]).T.round(2)
truth.write("transposed.txt", wide.to_string() + "\n", of_frame(wide, columnKinds=["mean", "deviation", "statistic", "statistic"]))
grouped = S.groupby(["Route", "Vessel"]).agg(Sailings=("Cost", "size"), Late=("Late", "mean")).round(1)
truth.write("grouped-left.txt", grouped.to_string(justify="left") + "\n", of_frame(grouped, columnKinds=["count", "mean|value"]))
truth.write("grouped-unsparse.txt", grouped.to_string(sparsify=False) + "\n", of_frame(grouped, columnKinds=["count", "mean|value"]))
noindex = grouped.reset_index()
truth.write("grouped-no-index.txt", noindex.to_string(index=False) + "\n", {**of_frame(grouped, columnKinds=["count", "mean|value"]), "across": [""]})
truth.write("grouped-no-names.txt", grouped.to_string(index_names=False) + "\n", {**of_frame(grouped, columnKinds=["count", "mean|value"]), "down": [""]})
three = pd.pivot_table(S, index=["Route"], columns=["Season", "Year"], values="Passengers", aggfunc="sum", margins=True)
truth.write("three-margins.txt", three.to_string() + "\n", of_frame(three, kind="value|count|sum", rowRoles={4: "grand"}, columnRoles={9: "grand"}))
truth.write("three-margins.html", three.to_html(), of_frame(three, kind="value|count|sum", rowRoles={4: "grand"}, columnRoles={9: "grand"}))
three.to_excel(truth.folder / "three-margins.xlsx")
truth.add("three-margins.xlsx", of_frame(three, kind="value|count|sum", rowRoles={4: "grand"}, columnRoles={9: "grand"}))
both = pd.pivot_table(V, index="Age", columns="Residence", values=["Comfort", "Trust"], aggfunc=["mean", "count"]).round(2)
truth.write("three-over.txt", both.to_string() + "\n", of_frame(both))
truth.write("three-over.html", both.to_html(), of_frame(both))
styled = grouped.style.format(precision=1).set_caption("Sailings by route")
truth.write("styled.html", styled.to_html(), of_frame(grouped, columnKinds=["count", "mean|value"], title="Sailings by route"))
bins = pd.cut(V["Wait"], [0, 10, 20, 30, 60]).value_counts(sort=False)
truth.write("bins.txt", str(bins) + "\n", table([str(one) for one in bins.index], ["Wait"], [[one] for one in bins]))
share = V["Ticket"].value_counts(normalize=True).round(4)
truth.write("shares.txt", share.to_string() + "\n", table(list(share.index), [""], [[one] for one in share]))
cov = V[["Wait", "Comfort", "Trust"]].cov().round(3)
truth.write("covariance.txt", cov.to_string() + "\n", of_frame(cov))
dates = S.assign(Month=pd.to_datetime(dict(year=S["Year"], month=1 + S.index % 3, day=1))).groupby("Month")[["Passengers", "Fares"]].sum().round(2)
dates.index = dates.index.strftime("%Y-%m-%d")
dates.index.name = "Month"
truth.write("dates.txt", dates.to_string() + "\n", of_frame(dates, columnKinds=["count", "sum"]))
truth.write("dates.csv", dates.to_csv(), {**of_frame(dates, columnKinds=["count", "sum"])})
truth.save()
