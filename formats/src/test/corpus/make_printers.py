"""Prints the frames with printers of tables: tabulate, prettytable, texttable, rich, terminaltables, sqlite's modes."""

import io
import sqlite3
import subprocess

import prettytable
import terminaltables
import texttable
from rich.console import Console
from rich.table import Table as RichTable
from rich import box
from tabulate import tabulate

from frames import shapes
from marram import Truth, plain, table

truth = Truth("printers")


def flat(name):
    """A frame with its stub as columns, and what is true of it."""
    frame, fact = shapes()[name]
    flat = frame.reset_index()
    flat.columns = [" ".join(str(part) for part in one if str(part)) if isinstance(one, tuple) else str(one) for one in flat.columns]
    stub = frame.index.nlevels
    fact = {**fact, "columns": [[one] for one in flat.columns[stub:]], "across": [""]}
    return list(flat.columns), [[plain(one) for one in row] for row in flat.itertuples(index=False)], fact


CHOICE = ["sums", "crosstab", "years", "named", "roll-forward", "describe-groups", "nested", "late"]
FORMATS = ["simple", "grid", "psql", "rst", "fancy_grid", "presto", "outline", "github", "tsv", "orgtbl", "plain", "pretty", "pipe", "rounded_outline", "mixed_grid", "html"]
for i, form in enumerate(FORMATS):
    for name in (CHOICE[i % len(CHOICE)], CHOICE[(i + 3) % len(CHOICE)]):
        heads, rows, fact = flat(name)
        ending = {"html": "html", "github": "md", "pipe": "md", "tsv": "tsv"}.get(form, "txt")
        try:
            text = tabulate(rows, heads, tablefmt=form, floatfmt=".10g")
        except ValueError:
            continue
        truth.write(f"tabulate-{form}-{name}.{ending}", text + "\n", fact)

for name, style in [("sums", prettytable.DEFAULT), ("nested", prettytable.PLAIN_COLUMNS), ("crosstab", prettytable.DOUBLE_BORDER), ("years", prettytable.MSWORD_FRIENDLY), ("named", prettytable.SINGLE_BORDER), ("roll-forward", prettytable.ORGMODE)]:
    heads, rows, fact = flat(name)
    printer = prettytable.PrettyTable(heads)
    printer.set_style(style)
    printer.add_rows(rows)
    if name in ("sums", "named"):
        printer.title = "Marram Sound by route"
        fact = {**fact, "title": "Marram Sound by route"}
    truth.write(f"prettytable-{name}-{style}.txt", printer.get_string() + "\n", fact)

for name, deco in [("sums", 15), ("crosstab", 5), ("late", 4), ("named", 2)]:
    heads, rows, fact = flat(name)
    printer = texttable.Texttable(0)
    printer.set_deco(deco)
    printer.set_precision(2)
    printer.set_cols_dtype(["t"] * len(heads))
    printer.add_rows([heads] + [["" if one is None else one for one in row] for row in rows])
    truth.write(f"texttable-{name}.txt", printer.draw() + "\n", fact)

for name, shape in [("sums", box.HEAVY_HEAD), ("crosstab", box.ROUNDED), ("years", box.SIMPLE), ("nested", box.ASCII), ("named", box.MINIMAL), ("late", box.HORIZONTALS)]:
    heads, rows, fact = flat(name)
    printer = RichTable(title="Crossings of the sound", box=shape)
    for i, head in enumerate(heads):
        printer.add_column(head, justify="left" if i < 1 else "right")
    for row in rows:
        printer.add_row(*["" if one is None else str(one) for one in row])
    out = io.StringIO()
    Console(file=out, width=110).print(printer)
    truth.write(f"rich-{name}.txt", out.getvalue(), {**fact, "title": "Crossings of the sound"})

for name, kind in [("sums", terminaltables.AsciiTable), ("crosstab", terminaltables.SingleTable), ("roll-forward", terminaltables.DoubleTable), ("years", terminaltables.GithubFlavoredMarkdownTable)]:
    heads, rows, fact = flat(name)
    truth.write(f"terminaltables-{name}.txt", kind([heads] + [[str(one) for one in row] for row in rows]).table + "\n", fact)

for name, mode in [("sums", "box"), ("nested", "column"), ("crosstab", "table"), ("years", "markdown"), ("named", "html"), ("late", "tabs"), ("roll-forward", "csv"), ("describe-groups", "list")]:
    heads, rows, fact = flat(name)
    base = sqlite3.connect("/tmp/corpus.db")
    base.execute("drop table if exists t")
    base.execute("create table t (" + ", ".join(f'"{one}"' for one in heads) + ")")
    base.executemany("insert into t values (" + ",".join("?" * len(heads)) + ")", rows)
    base.commit()
    base.close()
    out = subprocess.run(["sqlite3", "-header", "/tmp/corpus.db"], input=f".mode {mode}\nselect * from t;\n", capture_output=True, text=True, check=True).stdout
    ending = {"html": "html", "markdown": "md", "tabs": "tsv", "csv": "csv"}.get(mode, "txt")
    if mode == "html":
        out = "<table>" + out + "</table>"
    truth.write(f"sqlite-{mode}.{ending}", out, fact)
truth.save()
