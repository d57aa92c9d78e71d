"""A second set of layouts, written in one go with its truth before the reader was run on any of it."""

import random

from docx import Document
from openpyxl import Workbook
from openpyxl.styles import Font

from marram import Truth, table

truth = Truth("blindfurther")
PORTS = ["Hale", "Orrin", "Skell", "Tamsay", "Voe", "Brandwick", "Lunna Head"]
CARGO = ["Livestock", "Timber", "Fuel oil", "Mail and parcels", "Fish, chilled"]


def total(rows):
    return [round(sum(c), 2) for c in zip(*rows)]


def frequencies(draw, n):
    """Answers with a two-level stub: answered and missing."""
    cats = ["Very poor", "Poor", "Fair", "Good", "Very good"][: 4 + n % 2]
    counts = [draw.randint(5, 90) for _ in cats]
    miss = draw.randint(2, 20)
    a, g = sum(counts), sum(counts) + miss
    run = 0
    out = [f"{'':<22}{'n':>8}{'%':>9}{'% of answers':>15}{'Running %':>12}", "-" * 66]
    rows, figures = [], []
    for i, (c, v) in enumerate(zip(cats, counts)):
        run += v
        r = [v, round(100 * v / g, 1), round(100 * v / a, 1), round(100 * run / a, 1)]
        out.append(f"{'Answered' if i == 0 else '':<10}{c:<12}{r[0]:>8}{r[1]:>9.1f}{r[2]:>15.1f}{r[3]:>12.1f}")
        rows.append(("Answered", c)); figures.append(r)
    r = [a, round(100 * a / g, 1), 100.0, None]
    out.append(f"{'':<10}{'Total':<12}{r[0]:>8}{r[1]:>9.1f}{r[2]:>15.1f}")
    rows.append(("Answered", "Total")); figures.append(r)
    r = [miss, round(100 * miss / g, 1), None, None]
    out.append(f"{'Missing':<10}{'No answer':<12}{r[0]:>8}{r[1]:>9.1f}")
    rows.append(("Missing", "No answer")); figures.append(r)
    out += [f"{'Total':<22}{g:>8}{100:>9.1f}", "-" * 66, ""]
    rows.append(("Total",)); figures.append([g, 100.0, None, None])
    k = len(cats)
    return "txt", "\n".join(out), table(rows, ["n", "%", "% of answers", "Running %"], figures, rowRoles={k: "subtotal", k + 2: "grand"}, columnKinds=["count", "percent", "percent", "percent"])


def groups(draw, n):
    """Group statistics: two groups for each of several questions."""
    qs = ["Wait, minutes", "Comfort", "Trust"]
    out = ["Question," + "Group,n,Mean,SD,SE"]
    rows, figures = [], []
    for q in qs:
        for g in ["Islander", "Visitor"]:
            k, m, s = draw.randint(30, 200), round(draw.uniform(1, 30), 2), round(draw.uniform(0.4, 9), 3)
            e = round(s / k**0.5, 3)
            out.append((f'"{q}"' if g == "Islander" else "") + f",{g},{k},{m:.2f},{s:.3f},{e:.3f}")
            rows.append((q, g)); figures.append([k, m, s, e])
    return "csv", "\n".join(out) + "\n", table(rows, ["n", "Mean", "SD", "SE"], figures, down=["Question", "Group"], columnKinds=["count", "mean", "deviation", "error"])


def intervals(draw, n):
    """Estimates, limits under a spanner, p with < signs."""
    names = ["Intercept", "Wind", "Load", "Winter", "New berth"][: 4 + n % 2]
    out = [f"{'':<14}{'':>10}{'':>9}{'95% CI':^18}{'':>9}", f"{'Term':<14}{'Estimate':>10}{'SE':>9}{'Lower':>9}{'Upper':>9}{'p':>9}", "-" * 60]
    figures = []
    for name in names:
        b, s = round(draw.uniform(-3, 3), 2), round(draw.uniform(0.05, 0.9), 2)
        lo, hi = round(b - 1.96 * s, 2), round(b + 1.96 * s, 2)
        small = draw.random() < 0.4
        p = "<.001" if small else f"{draw.uniform(0.002, 0.9):.3f}"[1:]
        out.append(f"{name:<14}{b:>10.2f}{s:>9.2f}{lo:>9.2f}{hi:>9.2f}{p:>9}")
        figures.append([b, s, lo, hi, "<.001" if small else float(p)])
    return "txt", "\n".join(out) + "\n", table(names, [("Estimate",), ("SE",), ("95% CI", "Lower"), ("95% CI", "Upper"), ("p",)], figures, down=["Term"], columnKinds=["coefficient", "error", "interval", "interval", "p"])


def group_rows(draw, n):
    """A web table whose groups are rows across all columns."""
    body, rows, figures = "", [], []
    for season in ["Summer", "Winter"]:
        body += f'<tr><th colspan="4">{season}</th></tr>'
        for p in PORTS[: 2 + n % 2]:
            v = [draw.randint(100, 5000), draw.randint(10, 400), round(draw.uniform(1, 20), 1)]
            body += f"<tr><td>{p}</td><td>{v[0]:,}</td><td>{v[1]}</td><td>{v[2]} %</td></tr>"
            rows.append((season, p)); figures.append(v)
    html = f"<table><caption>Table 2. Loads of a year</caption><tr><th>Port</th><th>Passengers</th><th>Vehicles</th><th>Late</th></tr>{body}</table>"
    return "html", html, table(rows, ["Passengers", "Vehicles", "Late"], figures, title="Loads of a year", columnUnits=["", "", "%"])


def budget(draw, n):
    """Budget, actual, difference and its percentage, with a total."""
    rows, figures = [], []
    out = ["Heading\tBudget £\tActual £\tVariance £\tVariance %"]
    for name in ["Crew", "Fuel", "Repairs", "Harbour dues"]:
        b, a = draw.randint(100, 900) * 100, draw.randint(10000, 90000)
        r = [b, a, a - b, round(100 * (a - b) / b, 1)]
        figures.append(r)
        rows.append(name)
    t = total([r[:3] for r in figures])
    rows.append("Total")
    figures.append(t + [round(100 * t[2] / t[0], 1)])
    f = lambda v: f"{v:,}" if v >= 0 else f"-{-v:,}"
    for name, r in zip(rows, figures):
        out.append(f"{name}\t" + "\t".join(f(int(v)) for v in r[:3]) + f"\t{r[3]:.1f}%")
    return "tsv", "\n".join(out) + "\n", table(rows, ["Budget £", "Actual £", "Variance £", "Variance %"], figures, rowRoles={4: "grand"}, down=["Heading"], columnUnits=["£", "£", "£", "%"])


def times(draw, n):
    """Hours of the day down, days across."""
    rows = [f"{h:02d}:00–{h + 1:02d}:00" for h in range(6, 12)]
    days = ["Mon", "Tue", "Wed", "Thu", "Fri"]
    figures = [[draw.randint(0, 90) for _ in days] for _ in rows]
    out = ["Hour," + ",".join(days)] + [r + "," + ",".join(map(str, f)) for r, f in zip(rows, figures)]
    return "csv", "\n".join(out) + "\n", table(rows, days, figures, down=["Hour"])


def ages(draw, n):
    """Bands of ages with all ages last, shares in percent of each sex."""
    bands = ["16–24", "25–34", "35–44", "45–54", "55–64", "65+"]
    figures = [[draw.randint(100, 900), draw.randint(100, 900)] for _ in bands]
    figures = [r + [sum(r)] for r in figures]
    s = total(figures)
    out = ["| Age | Women | Men | All |", "|---|---:|---:|---:|"] + [f"| {b} | " + " | ".join(f"{v:,}" for v in r) + " |" for b, r in zip(bands + ["All ages"], figures + [s])]
    return "md", "\n".join(out) + "\n", table(bands + ["All ages"], ["Women", "Men", "All"], figures + [s], down=["Age"], rowRoles={6: "grand"}, columnRoles={2: "total"})


def ranked(draw, n):
    """A league with ranks and a change since last year."""
    ports = draw.sample(PORTS, 5)
    figures = []
    out = [f"{'Rank':<6}{'Port':<14}{'Passengers':>12}{'Change':>10}"]
    for i, p in enumerate(ports):
        v, c = draw.randint(1000, 99999), round(draw.uniform(-9, 9), 1)
        out.append(f"{i + 1:<6}{p:<14}{v:>12,}{f'{c:+.1f}%':>10}")
        figures.append([v, c])
    return "txt", "\n".join(out) + "\n", table([(str(i + 1), p) for i, p in enumerate(ports)], ["Passengers", "Change"], figures, down=["Rank", "Port"], columnUnits=["", "%"])


def spaced(draw, n):
    """A workbook with empty spacer columns and rows, brackets for negatives, bold totals."""
    book = Workbook()
    ws = book.active
    ws["B2"] = "Results by port"
    heads = ["2024", "2025"]
    for i, h in enumerate(heads):
        ws.cell(4, 4 + 2 * i, int(h))
    ports = PORTS[:4]
    figures = []
    for r, p in enumerate(ports):
        ws.cell(6 + r, 2, p)
        row = [draw.randint(-9000, 9000) for _ in heads]
        for i, v in enumerate(row):
            ws.cell(6 + r, 4 + 2 * i, v).number_format = "#,##0;(#,##0)"
        figures.append(row)
    s = total(figures)
    ws.cell(11, 2, "Total").font = Font(bold=True)
    for i, v in enumerate(s):
        ws.cell(11, 4 + 2 * i, v).number_format = "#,##0;(#,##0)"
    ws["B13"] = "Source: accounts of the harbour board"
    return "xlsx", book, table(ports + ["Total"], heads, figures + [s], title="Results by port", rowRoles={4: "grand"}, source="accounts of the harbour board")


def beside(draw, n):
    """A workbook with two tables side by side, each with its own heading."""
    book = Workbook()
    ws = book.active
    a = [[draw.randint(1, 99) for _ in range(2)] for _ in range(3)]
    b = [[round(draw.uniform(1, 99), 1) for _ in range(2)] for _ in range(3)]
    for k, (title, left, heads, rows) in enumerate([("Sailings", 1, ["Out", "Back"], a), ("Fuel per sailing", 5, ["Summer", "Winter"], b)]):
        ws.cell(1, left, title)
        ws.cell(2, left, "Port")
        for i, h in enumerate(heads):
            ws.cell(2, left + 1 + i, h)
        for r, row in enumerate(rows):
            ws.cell(3 + r, left, PORTS[r])
            for i, v in enumerate(row):
                ws.cell(3 + r, left + 1 + i, v)
    return "xlsx", book, table(PORTS[:3], ["Out", "Back"], a, title="Sailings", down=["Port"]), table(PORTS[:3], ["Summer", "Winter"], b, title="Fuel per sailing", down=["Port"])


def wrapped(draw, n):
    """Labels that go on in a second line, figures on the second."""
    out = [f"{'Cargo':<24}{'2024':>8}{'2025':>8}", "-" * 40]
    rows, figures = [], []
    for first, second in [("Livestock and", "animal feed"), ("Timber", ""), ("Fuel oil, petrol and", "gas in bottles"), ("Mail", "")]:
        v = [draw.randint(10, 900), draw.randint(10, 900)]
        if second:
            out.append(first)
            out.append(f"{'  ' + second:<24}{v[0]:>8}{v[1]:>8}")
        else:
            out.append(f"{first:<24}{v[0]:>8}{v[1]:>8}")
        rows.append((first, second) if second else (first,)); figures.append(v)
    return "txt", "\n".join(out) + "\n", table(rows, ["2024", "2025"], figures)


def trailing(draw, n):
    """A ledger's print: minus signs behind, CR and DR."""
    rows = ["Opening balance", "Fares", "Fuel", "Crew"]
    v = [draw.randint(1000, 9000), draw.randint(1000, 9000), -draw.randint(100, 4000), -draw.randint(100, 4000)]
    rows.append("Closing balance"); v.append(sum(v))
    out = [f"{'Account':<20}{'Amount':>12}"] + [f"{r:<20}{(f'{x:,}' if x >= 0 else f'{-x:,}-'):>12}" for r, x in zip(rows, v)]
    return "txt", "\n".join(out) + "\n", table(rows, ["Amount"], [[x] for x in v], down=["Account"], rowRoles={4: "total"})


def continental(draw, n):
    """A page with decimal commas and points between thousands."""
    f = lambda x: f"{x:,.1f}".replace(",", "_").replace(".", ",").replace("_", ".")
    figures = [[round(draw.uniform(10, 90000), 1) for _ in range(3)] for _ in PORTS[:4]]
    body = "".join(f"<tr><td>{p}</td>" + "".join(f"<td>{f(v)}</td>" for v in r) + "</tr>" for p, r in zip(PORTS, figures))
    return "html", f"<h2>Umschlag nach Häfen</h2><table><tr><th>Hafen</th><th>2022</th><th>2023</th><th>2024</th></tr>{body}</table><p>Quelle: Hafenamt</p>", table(PORTS[:4], ["2022", "2023", "2024"], figures, title="Umschlag nach Häfen", source="Hafenamt", down=["Hafen"])


def tested(draw, n):
    """A banner with letters of columns and letters of significance behind figures."""
    out = ["Would travel again,Total,Islanders,Visitors", ",,(A),(B)"]
    figures = []
    base = [draw.randint(100, 200), draw.randint(100, 200)]
    base = [sum(base)] + base
    out.append("Base," + ",".join(map(str, base)))
    rows = ["Base", "Yes", "No", "Not sure"]
    figures.append(base)
    for name in rows[1:]:
        v = [draw.randint(5, 60) for _ in range(3)]
        marks = ["", draw.choice(["", " B"]), draw.choice(["", " A"])]
        out.append(name + "," + ",".join(f"{x}%{m}" for x, m in zip(v, marks)))
        figures.append(v)
    return "csv", "\n".join(out) + "\n", table(rows, [("Total",), ("Islanders", "(A)"), ("Visitors", "(B)")], figures, columnRoles={0: "total"}, rowKinds=["count|value", "percent", "percent", "percent"])


def measures_down(draw, n):
    """Measures down with their units in brackets, years across."""
    spec = [("Passengers", 0), ("Fuel use (t)", 1), ("Punctuality (%)", 1), ("Fares (£)", 2)]
    years = ["2022", "2023", "2024"]
    figures = [[round(draw.uniform(10, 99), d) if d else draw.randint(100, 999) for _ in years] for _, d in spec]
    out = ["Measure;" + ";".join(years)] + [s[0] + ";" + ";".join(f"{v:.{s[1]}f}" for v in r) for s, r in zip(spec, figures)]
    return "csv", "\n".join(out) + "\n", table([s[0] for s in spec], years, figures)


def merged(draw, n):
    """A document's table with merged heads and a source."""
    doc = Document()
    doc.add_heading("Landings", 1)
    doc.add_paragraph("The year was a good one for the islands, and boats were full from May on.")
    doc.add_paragraph("Table 3: Tonnes landed by cargo and season")
    t = doc.add_table(rows=2, cols=5)
    t.cell(0, 1).merge(t.cell(0, 2)).text = "Summer"
    t.cell(0, 3).merge(t.cell(0, 4)).text = "Winter"
    t.cell(0, 0).merge(t.cell(1, 0)).text = "Cargo"
    for i, h in enumerate(["2024", "2025", "2024", "2025"]):
        t.cell(1, 1 + i).text = h
    figures = []
    for c in CARGO[:4]:
        r = [draw.randint(1, 2000) for _ in range(4)]
        for cell, x in zip(t.add_row().cells, [c] + [f"{v:,}" for v in r]):
            cell.text = x
        figures.append(r)
    doc.add_paragraph("Source: Harbour board, 2026.")
    return "docx", doc, table(CARGO[:4], [(a, b) for a in ("Summer", "Winter") for b in ("2024", "2025")], figures, title="Tonnes landed by cargo and season", source="Harbour board, 2026.", down=["Cargo"])


def changes(draw, n):
    """A row of change in percent under each measure."""
    years = ["2023", "2024", "2025"]
    rows, figures = [], []
    out = [f"{'':<22}" + "".join(f"{y:>10}" for y in years)]
    for m in ["Passengers", "Vehicles"]:
        v = [draw.randint(1000, 9000) for _ in years]
        c = [None] + [round(100 * (b / a - 1), 1) for a, b in zip(v, v[1:])]
        out.append(f"{m:<22}" + "".join(f"{x:>10,}" for x in v))
        out.append(f"{'  change on year':<22}" + f"{'–':>10}" + "".join(f"{x:>9.1f}%" for x in c[1:]))
        rows += [(m,), (m, "change on year")]; figures += [v, c]
    return "txt", "\n".join(out) + "\n", table(rows, years, figures)


PRINTERS = [frequencies, groups, intervals, group_rows, budget, times, ages, ranked, spaced, beside, wrapped, trailing, continental, tested, measures_down, merged, changes]

for printer in PRINTERS:
    for n in range(2):
        kind, content, *facts = printer(random.Random(f"{printer.__name__}{n}"), n)
        name = f"{printer.__name__.replace('_', '-')}-{n + 1}.{kind}"
        if isinstance(content, str):
            truth.write(name, content, *facts)
        else:
            content.save(truth.folder / name)
            truth.add(name, *facts)
truth.save()
