"""Small printers for layouts that offices, statistics texts and databases use, each over several seeds.

Written in one go, with its truth, before the reader was run on any of it.
"""

import random
import sys

from docx import Document
from openpyxl import Workbook
from openpyxl.styles import Alignment, Font

from marram import Truth, table

truth = Truth("blind")
PORTS = ["Hale", "Orrin", "Skell", "Tamsay", "Voe", "Brandwick", "Lunna Head", "North Mull"]
BOATS = ["Sandpiper", "Turnstone", "Whimbrel", "Dunlin", "Grey Plover"]
CARGO = ["Livestock", "Timber", "Fuel oil", "Mail and parcels", "Fish, chilled", "Building material"]
MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun"]


def total(rows):
    return [round(sum(column), 2) for column in zip(*rows)]


def some(draw, names, least, most):
    return draw.sample(names, draw.randint(least, most))


def boxed(draw, n):
    """A database client's box, total below a line."""
    ports = some(draw, PORTS, 3, 6)
    rows = [[draw.randint(40, 9000), draw.randint(3, 700)] for _ in ports]
    heads = ["port", "foot_passengers", "vehicles"]
    cells = [[p] + [str(v) for v in r] for p, r in zip(ports, rows)]
    sums = total(rows)
    if n % 2:
        cells.append(["TOTAL"] + [str(v) for v in sums])
    widths = [max(len(r[i]) for r in cells + [heads]) for i in range(3)]
    bar = "+" + "+".join("-" * (w + 2) for w in widths) + "+"
    line = lambda r, first: "|" + "|".join(f" {c:<{w}} " if first or i == 0 else f" {c:>{w}} " for i, (c, w) in enumerate(zip(r, widths))) + "|"
    out = [bar, line(heads, True), bar] + [line(r, False) for r in cells[: len(ports)]]
    if n % 2:
        out += [bar, line(cells[-1], False)]
    out += [bar, f"{len(cells)} rows in set (0.0{n} sec)", ""]
    facts = dict(down=["port"], columnKinds=["count|value", "count|value"])
    if n % 2:
        facts.update(rowRoles={len(ports): "grand"})
    return "txt", "\n".join(out), table(ports + (["TOTAL"] if n % 2 else []), heads[1:], rows + ([sums] if n % 2 else []), **facts)


def report(draw, n):
    """A fixed-width report: page head, rules under each head, groups with subtotals, a double rule at the end."""
    ports = some(draw, PORTS, 2, 3)
    lines = ["MARRAM SOUND FERRIES".center(62).rstrip(), "Cargo landed by port".center(62).rstrip(), "", f"{'Port':<14}{'Cargo':<20}{'Tonnes':>10}{'Charges':>14}", f"{'':<14}{'':<20}{'':>10}{'(GBP)':>14}", f"{'-' * 12:<14}{'-' * 18:<20}{'-' * 8:>10}{'-' * 12:>14}"]
    rows, figures, roles, all_rows = [], [], {}, []
    for port in ports:
        own = []
        for i, cargo in enumerate(some(draw, CARGO, 2, 4)):
            r = [draw.randint(10, 1900), round(draw.uniform(100, 90000), 2)]
            own.append(r)
            lines.append(f"{port if i == 0 else '':<14}{cargo:<20}{r[0]:>10,}{r[1]:>14,.2f}")
            rows.append((port, cargo))
            figures.append(r)
        lines.append(f"{'':<34}{'-' * 8:>10}{'-' * 12:>14}")
        s = total(own)
        lines.append(f"{'':<14}{'Total ' + port:<20}{s[0]:>10,}{s[1]:>14,.2f}")
        lines.append("")
        roles[len(rows)] = "subtotal"
        rows.append((port, "Total " + port))
        figures.append(s)
        all_rows += own
    g = total(all_rows)
    lines.append(f"{'Grand total':<34}{g[0]:>10,}{g[1]:>14,.2f}")
    lines.append(f"{'':<34}{'=' * 8:>10}{'=' * 12:>14}")
    roles[len(rows)] = "grand"
    rows.append(("Grand total",))
    figures.append(g)
    return "txt", "\n".join(lines) + "\n", table(rows, [("Tonnes",), ("Charges (GBP)",)], figures, rowRoles=roles, down=["Port", "Cargo"], title="MARRAM SOUND FERRIES", units="Cargo landed by port", columnUnits=["", "GBP"])


def models(draw, n):
    """Models side by side with standard errors in brackets below."""
    names = ["Wind (m/s)", "Load", "Winter", "Constant"]
    k = draw.randint(2, 4)
    out = ["=" * (18 + 13 * k), f"{'':<18}" + "".join(f"{f'({i + 1})':>13}" for i in range(k)), f"{'':<18}" + "".join(f"{'Delay':>13}" for _ in range(k)), "-" * (18 + 13 * k)]
    rows, figures = [], []
    for j, name in enumerate(names):
        given = [j == 3 or i >= j % k for i in range(k)]
        est = [round(draw.uniform(-3, 3), 3) if g else None for g in given]
        se = [round(draw.uniform(0.01, 0.9), 3) if g else None for g in given]
        stars = [draw.choice(["", "*", "**", "***"]) for _ in range(k)]
        out.append(f"{name:<18}" + "".join(f"{(f'{e:.3f}' + s) if e is not None else '':>13}" for e, s in zip(est, stars)).rstrip())
        out.append(f"{'':<18}" + "".join(f"{f'({s:.3f})' if s is not None else '':>13}" for s in se).rstrip())
        out.append("")
        rows += [(name,), (name,)]
        figures += [est, se]
    out.append("-" * (18 + 13 * k))
    ns = [draw.randint(100, 900)] * k
    r2 = [round(draw.uniform(0.1, 0.9), 3) for _ in range(k)]
    out.append(f"{'Observations':<18}" + "".join(f"{v:>13}" for v in ns))
    out.append(f"{'R-squared':<18}" + "".join(f"{v:>13.3f}" for v in r2))
    out.append("=" * (18 + 13 * k))
    out.append("Standard errors in parentheses")
    out.append("* p < 0.05, ** p < 0.01, *** p < 0.001")
    return "txt", "\n".join(out) + "\n", ("models", rows + [("Observations",), ("R-squared",)], k, figures + [ns, r2])


def exchange(draw, n):
    """A CSV of an office: title, blank line, unit line, heads, figures, total, source."""
    sep, comma = (";", True) if n % 2 else (",", False)
    num = (lambda v: f"{v:,.1f}".replace(",", "_").replace(".", ",").replace("_", ".")) if comma else (lambda v: f'"{v:,.1f}"' if v >= 1000 else f"{v:.1f}")
    ports = some(draw, PORTS, 4, 7)
    years = list(range(2019 + n % 3, 2024))
    rows = [[round(draw.uniform(3, 4000), 1) for _ in years] for _ in ports]
    s = [round(v, 1) for v in total(rows)]
    title = f"Table {n + 2}. Landings by port"
    out = [title, "", "Port" + sep + sep.join(map(str, years))]
    out += [p + sep + sep.join(num(v) for v in r) for p, r in zip(ports, rows)]
    out += ["All ports" + sep + sep.join(num(v) for v in s), "", "Source: Harbour board" + (sep * len(years) if n > 1 else "")]
    return "csv", "\n".join(out) + "\n", table(ports + ["All ports"], [str(y) for y in years], rows + [s], rowRoles={len(ports): "grand"}, title="Landings by port", source="Harbour board", down=["Port"])


def shares(draw, n):
    """Counts with the percentage of the column in the row below."""
    boats = some(draw, BOATS, 3, 4)
    seasons = ["Summer", "Winter"]
    counts = [[draw.randint(5, 300) for _ in seasons] for _ in boats]
    sums = total(counts)
    out = [f"{'Vessel':<16}{'':<10}{'Summer':>10}{'Winter':>10}{'Total':>10}", "-" * 56]
    rows, figures = [], []
    for b, c in zip(boats, counts):
        t = c + [sum(c)]
        p = [round(100 * v / s, 1) for v, s in zip(t, sums + [sum(sums)])]
        out.append(f"{b:<16}{'n':<10}" + "".join(f"{v:>10}" for v in t))
        out.append(f"{'':<16}{'col %':<10}" + "".join(f"{v:>9.1f}%" for v in p))
        rows += [(b, "n"), (b, "col %")]
        figures += [t, p]
    t = sums + [sum(sums)]
    out += ["-" * 56, f"{'Total':<16}{'n':<10}" + "".join(f"{v:>10}" for v in t), f"{'':<16}{'col %':<10}" + "".join(f"{100:>9.1f}%" for v in t)]
    rows += [("Total", "n"), ("Total", "col %")]
    figures += [t, [100.0] * 3]
    return "txt", "\n".join(out) + "\n", table(rows, ["Summer", "Winter", "Total"], figures, columnRoles={2: "total"}, rowRoles={len(rows) - 2: "total", len(rows) - 1: "total"}, rowKinds=["count", "percent"] * (len(rows) // 2))


def sheet(draw, n):
    """A workbook with merged heads over years and measures, formats, a hidden row and a note."""
    book = Workbook()
    ws = book.active
    ws.title = "Accounts"
    years = ["2024", "2025"]
    ws["A1"] = "Fares and loads by port"
    ws["A1"].font = Font(bold=True, size=14)
    ws["A3"] = "Port"
    ws.merge_cells("A3:A4")
    for i, y in enumerate(years):
        ws.cell(3, 2 + 2 * i, int(y) if n % 2 else y)
        ws.merge_cells(start_row=3, start_column=2 + 2 * i, end_row=3, end_column=3 + 2 * i)
        ws.cell(3, 2 + 2 * i).alignment = Alignment(horizontal="center")
        ws.cell(4, 2 + 2 * i, "Fares")
        ws.cell(4, 3 + 2 * i, "Load")
    ports = some(draw, PORTS, 3, 6)
    figures = []
    for r, p in enumerate(ports):
        ws.cell(5 + r, 1, p)
        row = []
        for i in range(2):
            fare, load = round(draw.uniform(1000, 99999), 2), round(draw.uniform(0.1, 0.99), 3)
            c = ws.cell(5 + r, 2 + 2 * i, fare)
            c.number_format = "€#,##0" if n % 3 == 0 else "#,##0.00"
            d = ws.cell(5 + r, 3 + 2 * i, load)
            d.number_format = "0.0%"
            row += [fare, load * 100]
        figures.append(row)
    ws.cell(6 + len(ports), 1, "Note: loads are of car decks alone.")
    unit = "€" if n % 3 == 0 else ""
    fact = table(ports, [(y, m) for y in years for m in ("Fares", "Load")], [[None if v is None else v for v in r] for r in figures], title="Fares and loads by port", notes=["loads are of car decks alone"], columnKinds=["value|sum", "percent"] * 2, columnUnits=[unit, "%"] * 2)
    return "xlsx", book, fact


def paper(draw, n):
    """A document's table of means with a note."""
    doc = Document()
    doc.add_paragraph("The survey was held in both seasons. Answers were given on a scale of five.")
    doc.add_paragraph(f"Table {n + 1}")
    doc.add_paragraph("Comfort and Trust by Ticket")
    t = doc.add_table(rows=1, cols=5)
    for c, h in zip(t.rows[0].cells, ["Ticket", "n", "M", "SD", "95% CI"]):
        c.text = h
    tickets = ["Single", "Return", "Pass", "Islander card"][: draw.randint(3, 4)]
    figures = []
    for name in tickets:
        k, m, s = draw.randint(20, 200), round(draw.uniform(1.5, 4.5), 2), round(draw.uniform(0.4, 1.2), 2)
        ci = f"[{m - 0.2:.2f}, {m + 0.2:.2f}]"
        for c, h in zip(t.add_row().cells, [name, str(k), f"{m:.2f}", f"{s:.2f}", ci]):
            c.text = h
        figures.append([k, m, s, ci])
    doc.add_paragraph("Note. CI = confidence interval.")
    return "docx", doc, table(tickets, ["n", "M", "SD", "95% CI"], figures, title="Comfort and Trust by Ticket", notes=["CI = confidence interval."], columnKinds=["count", "mean", "deviation", "interval"], down=["Ticket"])


def page(draw, n):
    """A web page's table: caption, spans, a total in the foot, a note below."""
    ports = some(draw, PORTS, 3, 5)
    seasons = ["Summer", "Winter"]
    kinds = ["Cars", "Coaches"]
    rows = [[draw.randint(0, 2000) for _ in range(4)] for _ in ports]
    s = total(rows)
    cells = lambda r: "".join(f'<td class="n">{v:,}</td>' for v in r)
    head = "".join(f'<th colspan="2" scope="colgroup">{x}</th>' for x in seasons)
    sub = "".join(f"<th>{k}</th>" for _ in seasons for k in kinds)
    body = "".join(f"<tr><th scope=row>{p}</th>{cells(r)}</tr>\n" for p, r in zip(ports, rows))
    html = f"<!doctype html><html><head><title>Crossings</title></head><body><nav><a href=#a>Home</a></nav><h1>Marram Sound</h1><p>Some words on the year, at length, and on 2 new boats.</p><table><caption>Vehicles carried</caption><thead><tr><th rowspan=2>Port</th>{head}</tr><tr>{sub}</tr></thead><tbody>{body}</tbody><tfoot><tr><th>All ports</th>{cells(s)}</tr></tfoot></table><p>Source: Sound Ferries, annual count.</p></body></html>"
    return "html", html, table(ports + ["All ports"], [(a, b) for a in seasons for b in kinds], rows + [s], title="Vehicles carried", rowRoles={len(ports): "grand"}, source="Sound Ferries, annual count.", kind="count|value|sum")


def down_marks(draw, n):
    """Markdown with bold totals and marks for figures that are missing."""
    ports = some(draw, PORTS, 3, 6)
    rows = [[draw.randint(10, 900) if draw.random() > 0.15 else None for _ in MONTHS[:4]] for _ in ports]
    mark = ["n/a", "..", "–"][n % 3]
    t = [sum(v or 0 for v in c) for c in zip(*rows)]
    out = ["### Parcels by month", "", "| Port | " + " | ".join(MONTHS[:4]) + " |", "|:--|" + "--:|" * 4]
    out += [f"| {p} | " + " | ".join(mark if v is None else f"{v}" for v in r) + " |" for p, r in zip(ports, rows)]
    out += ["| **Total** | " + " | ".join(f"**{v}**" for v in t) + " |", "", f"{mark} not counted in that month.", ""]
    return "md", "\n".join(out), table(ports + ["Total"], MONTHS[:4], rows + [t], title="Parcels by month", rowRoles={len(ports): "grand"}, down=["Port"])


def statement(draw, n):
    """A statement: two years, brackets for outgoings, subtotals, notes' numbers."""
    items = [("Fares", 1), ("Freight charges", 1), ("Grants", 1)]
    costs = [("Fuel", -1), ("Crew", -1), ("Harbour dues", -1)]
    years = ["2025", "2024"]
    f = lambda v: f"({-v:,})" if v < 0 else f"{v:,}"
    out = [f"{'':<26}{'Note':>6}{'2025':>12}{'2024':>12}", f"{'':<26}{'':>6}{'£000':>12}{'£000':>12}"]
    rows, figures, roles = [], [], {}
    inc = []
    for i, (name, sign) in enumerate(items):
        v = [draw.randint(900, 9000) for _ in years]
        inc.append(v)
        out.append(f"{name:<26}{i + 2:>6}" + "".join(f"{f(x):>12}" for x in v))
        rows.append(name); figures.append([i + 2] + v)
    s = total(inc)
    out.append(f"{'Income':<26}{'':>6}" + "".join(f"{f(int(x)):>12}" for x in s))
    roles[len(rows)] = "subtotal"; rows.append("Income"); figures.append([None] + s)
    out.append("")
    exp = []
    for i, (name, sign) in enumerate(costs):
        v = [-draw.randint(300, 5000) for _ in years]
        exp.append(v)
        out.append(f"{name:<26}{i + 5:>6}" + "".join(f"{f(x):>12}" for x in v))
        rows.append(name); figures.append([i + 5] + v)
    e = total(exp)
    out.append(f"{'Expenditure':<26}{'':>6}" + "".join(f"{f(int(x)):>12}" for x in e))
    roles[len(rows)] = "subtotal"; rows.append("Expenditure"); figures.append([None] + e)
    net = [a + b for a, b in zip(s, e)]
    out += ["", f"{'Surplus (deficit)':<26}{'':>6}" + "".join(f"{f(int(x)):>12}" for x in net)]
    roles[len(rows)] = "total"; rows.append("Surplus (deficit)"); figures.append([None] + net)
    return "txt", "\n".join(out) + "\n", table(rows, ["Note", ("2025", "£000"), ("2024", "£000")], figures, rowRoles=roles)


def unit_column(draw, n):
    """A tab-separated sheet of indicators, each with its unit and quarters."""
    rows = [("Passengers", "thousand", 0), ("Fuel used", "t", 1), ("On time", "%", 1), ("Fares", "£m", 2)]
    qs = ["Q1 2025", "Q2 2025", "Q3 2025", "Q4 2025"][: 3 + n % 2]
    out = ["Indicator\tUnit\t" + "\t".join(qs)]
    figures = []
    for name, unit, dec in rows:
        v = [round(draw.uniform(10, 99), dec) if dec else draw.randint(10, 99) for _ in qs]
        figures.append(v)
        out.append(f"{name}\t{unit}\t" + "\t".join(f"{x:.{dec}f}" for x in v))
    return "tsv", "\n".join(out) + "\n", ("unitcolumn", rows, qs, figures)


def correlations(draw, n):
    """Lower triangle with means and numbered heads."""
    names = ["Wait", "Comfort", "Trust", "Crowding"][: 3 + n % 2]
    k = len(names)
    out = ["Table 4", "Means, standard deviations and correlations", "", f"{'Variable':<14}{'M':>8}{'SD':>8}" + "".join(f"{i + 1:>9}" for i in range(k)), "-" * (30 + 9 * k)]
    figures = []
    for i, name in enumerate(names):
        m, s = round(draw.uniform(1, 30), 2), round(draw.uniform(0.3, 8), 2)
        r = [round(draw.uniform(-0.9, 0.9), 2) for _ in range(i)]
        txt = [f"{v:.2f}".replace("0.", ".") + "**" for v in r] + ["—"] + [""] * (k - i - 1)
        out.append((f"{f'{i + 1}. {name}':<14}{m:>8.2f}{s:>8.2f}" + "".join(f"{x:>9}" for x in txt)).rstrip())
        figures.append([m, s] + r + [None] * (k - i))
    out += ["-" * (30 + 9 * k), "Note. N = 212. ** p < .01.", ""]
    return "txt", "\n".join(out), ("correlations", names, k, figures)


def frame_box(draw, n):
    """A data frame in a box with a row of types below the heads."""
    boats = some(draw, BOATS, 3, 5)
    rows = [[draw.randint(20, 400), round(draw.uniform(1, 60), 1)] for _ in boats]
    heads = ["vessel", "sailings", "mean_delay"]
    types = ["str", "i64", "f64"]
    cells = [[b, str(r[0]), f"{r[1]:.1f}"] for b, r in zip(boats, rows)]
    w = [max(len(x[i]) for x in cells + [heads, types, ["---"] * 3]) for i in range(3)]
    line = lambda c: "│ " + " ┆ ".join(f"{x:<{v}}" for x, v in zip(c, w)) + " │"
    out = [f"shape: ({len(boats)}, 3)", "┌" + "┬".join("─" * (v + 2) for v in w) + "┐", line(heads), line(["---"] * 3), line(types), "╞" + "╪".join("═" * (v + 2) for v in w) + "╡"]
    out += [line(c) for c in cells] + ["└" + "┴".join("─" * (v + 2) for v in w) + "┘", ""]
    return "txt", "\n".join(out), table(boats, heads[1:], rows, down=["vessel"])


def type_box(draw, n):
    """A database shell's box with types under the heads and a count of rows in the foot."""
    ports = some(draw, PORTS, 3, 6)
    rows = [[draw.randint(5, 5000), round(draw.uniform(0, 100), 2)] for _ in ports]
    heads, types = ["port", "n", "late_share"], ["varchar", "int64", "double"]
    cells = [[p, str(r[0]), str(r[1])] for p, r in zip(ports, rows)]
    w = [max(len(x[i]) for x in cells + [heads, types]) for i in range(3)]
    mid = lambda c: "│" + "│".join(f" {x:^{v}} " for x, v in zip(c, w)) + "│"
    num = lambda c: "│" + "│".join(f" {x:<{v}} " if i == 0 else f" {x:>{v}} " for i, (x, v) in enumerate(zip(c, w))) + "│"
    out = ["┌" + "┬".join("─" * (v + 2) for v in w) + "┐", mid(heads), mid(types), "├" + "┼".join("─" * (v + 2) for v in w) + "┤"] + [num(c) for c in cells]
    out += ["└" + "┴".join("─" * (v + 2) for v in w) + "┘", ""]
    return "txt", "\n".join(out), table(ports, heads[1:], rows, down=["port"])


def characteristics(draw, n):
    """A sample described: n (%) under indented categories, mean (SD) beside."""
    a, b = draw.randint(80, 120), draw.randint(80, 120)
    pct = lambda v, s: round(100 * v / s, 1)
    out = [f"{'Characteristic':<26}{f'Islanders (n = {a})':>22}{f'Visitors (n = {b})':>22}"]
    rows, pairs = [], []
    def add(label, x, y, path):
        out.append(f"{label:<26}{x:>22}{y:>22}")
        rows.append(path); pairs.append([x, y])
    add("Age, mean (SD)", f"{draw.uniform(30, 60):.1f} ({draw.uniform(5, 15):.1f})", f"{draw.uniform(30, 60):.1f} ({draw.uniform(5, 15):.1f})", ("Age, mean (SD)",))
    for group, cats in [("Sex, n (%)", ["Female", "Male"]), ("Ticket, n (%)", ["Single", "Return", "Pass"])]:
        out.append(group)
        left = [a, b]
        for i, cat in enumerate(cats):
            v = [l if i == len(cats) - 1 else draw.randint(1, l - 10 * (len(cats) - i)) for l in left]
            left = [l - x for l, x in zip(left, v)]
            add("   " + cat, f"{v[0]} ({pct(v[0], a)})", f"{v[1]} ({pct(v[1], b)})", (group, cat))
    return "txt", "\n".join(out) + "\n", ("pairs", rows, [f"Islanders (n = {a})", f"Visitors (n = {b})"], pairs)


def two_halves(draw, n):
    """A CSV with two tables, one below the other, each under its own heading."""
    ports = some(draw, PORTS, 3, 4)
    a = [[draw.randint(1, 99) for _ in MONTHS[:3]] for _ in ports]
    b = [[round(draw.uniform(1, 99), 1) for _ in MONTHS[:3]] for _ in ports]
    out = ["Sailings,,,", "Port," + ",".join(MONTHS[:3])] + [p + "," + ",".join(map(str, r)) for p, r in zip(ports, a)] + ["", "Fuel (t),,,", "Port," + ",".join(MONTHS[:3])] + [p + "," + ",".join(f"{v:.1f}" for v in r) for p, r in zip(ports, b)]
    return "csv", "\n".join(out) + "\n", table(ports, MONTHS[:3], a, title="Sailings", down=["Port"]), table(ports, MONTHS[:3], b, title="Fuel (t)", down=["Port"])


def variance(draw, n):
    """An analysis of variance."""
    rows = ["Season", "Route", "Season × Route", "Residual"]
    dfs = [1, 3, 3, draw.randint(80, 300)]
    out = [f"{'Source':<18}{'SS':>10}{'df':>6}{'MS':>10}{'F':>9}{'p':>9}", "-" * 62]
    figures = []
    for name, df in zip(rows, dfs):
        ms = round(draw.uniform(2, 80), 2)
        ss = round(ms * df, 2)
        if name == "Residual":
            out.append(f"{name:<18}{ss:>10.2f}{df:>6}{ms:>10.2f}")
            figures.append([ss, df, ms, None, None])
        else:
            f, p = round(draw.uniform(0.2, 20), 2), round(draw.uniform(0.001, 0.4), 3)
            out.append(f"{name:<18}{ss:>10.2f}{df:>6}{ms:>10.2f}{f:>9.2f}{f'{p:.3f}'[1:]:>9}")
            figures.append([ss, df, ms, f, p])
    t = [round(sum(r[0] for r in figures), 2), sum(dfs), None, None, None]
    out += [f"{'Total':<18}{t[0]:>10.2f}{t[1]:>6}", ""]
    return "txt", "\n".join(out), table(rows + ["Total"], ["SS", "df", "MS", "F", "p"], figures + [t], rowRoles={4: "grand"}, columnKinds=["sum|statistic", "freedom", "mean|statistic", "test", "p"], down=["Source"])


def pivot_paste(draw, n):
    """Rows pasted from a pivot: group names above indented members, totals last."""
    ports = some(draw, PORTS, 2, 3)
    out = ["Row Labels\tSum of Tonnes\tSum of Dues"]
    rows, figures, roles = [], [], {}
    every = []
    for p in ports:
        own = {c: [draw.randint(1, 500), round(draw.uniform(10, 5000), 2)] for c in some(draw, CARGO, 2, 3)}
        s = total(own.values())
        every += list(own.values())
        out.append(f"{p}\t{s[0]}\t{s[1]}")
        roles[len(rows)] = "subtotal"
        rows.append((p,)); figures.append(s)
        for c, v in own.items():
            out.append(f"  {c}\t{v[0]}\t{v[1]}")
            rows.append((p, c)); figures.append(v)
    g = total(every)
    out.append(f"Grand Total\t{g[0]}\t{g[1]}")
    roles[len(rows)] = "grand"
    rows.append(("Grand Total",)); figures.append(g)
    return "tsv", "\n".join(out) + "\n", table(rows, ["Sum of Tonnes", "Sum of Dues"], figures, rowRoles=roles)


def survey_item(draw, n):
    """Answers in percent without a sign, their base beside, and a total of 100."""
    items = ["The boat was clean", "Staff were helpful", "Boarding was quick", "I would travel again"][: 3 + n % 2]
    heads = ["Base", "Agree strongly", "Agree", "Neither", "Disagree", "Total"]
    out = ["Statement," + ",".join(heads)]
    figures = []
    for item in items:
        a, b, c = draw.randint(10, 40), draw.randint(10, 30), draw.randint(5, 20)
        row = [draw.randint(200, 400), a, b, c, 100 - a - b - c, 100]
        figures.append(row)
        out.append(item + "," + ",".join(map(str, row)))
    out += ["", "Figures are percentages of answers; base is the number of answers."]
    return "csv", "\n".join(out) + "\n", table(items, heads, figures, columnRoles={5: "total"}, notes=["Figures are percentages of answers"], down=["Statement"])


def flags(draw, n):
    """An office's export with flags beside figures and a mark for what is kept back."""
    ports = some(draw, PORTS, 3, 5)
    years = ["2021", "2022", "2023", "2024"]
    out = ["Geo\\Time\t" + "\t".join(years)]
    figures = []
    for p in ports:
        row, texts = [], []
        for y in years:
            d = draw.random()
            if d < 0.12:
                row.append(None); texts.append(":")
            elif d < 0.2:
                row.append(None); texts.append(": c")
            else:
                v = round(draw.uniform(1, 90), 1)
                row.append(v); texts.append(f"{v:.1f}" + draw.choice(["", "", "", " p", " e", " b"]))
        figures.append(row)
        out.append(p + "\t" + "\t".join(texts))
    return "tsv", "\n".join(out) + "\n", table(ports, years, figures, down=["Geo"], across=["Time"])


def dotted(draw, n):
    """Leaders of dots between labels and figures."""
    ports = some(draw, PORTS, 4, 6)
    rows = [[draw.randint(100, 99999), draw.randint(100, 99999)] for _ in ports]
    s = total(rows)
    out = ["Passengers landed", "", f"{'':<30}{'2024':>10}{'2025':>10}"]
    out += [p + " " + "." * (28 - len(p)) + f"{r[0]:>11,}{r[1]:>10,}" for p, r in zip(ports, rows)]
    out += ["  Total " + "." * 20 + " " + f"{s[0]:>11,}{s[1]:>10,}", ""]
    return "txt", "\n".join(out), table(ports + ["Total"], ["2024", "2025"], rows + [s], title="Passengers landed", rowRoles={len(ports): "grand"})


def org(draw, n):
    """A plain-text notebook's table."""
    boats = some(draw, BOATS, 3, 5)
    rows = [[draw.randint(1, 90), draw.randint(1, 90), round(draw.uniform(0, 9), 2)] for _ in boats]
    heads = ["Vessel", "Out", "Back", "Mean wait"]
    cells = [heads] + [[b] + [str(x) for x in r] for b, r in zip(boats, rows)]
    w = [max(len(c[i]) for c in cells) for i in range(4)]
    line = lambda c: "| " + " | ".join(f"{x:<{v}}" if i == 0 else f"{x:>{v}}" for i, (x, v) in enumerate(zip(c, w))) + " |"
    out = ["#+CAPTION: Sailings of a week", line(heads), "|" + "+".join("-" * (v + 2) for v in w) + "|"] + [line(c) for c in cells[1:]] + [""]
    return "txt", "\n".join(out), table(boats, heads[1:], rows, title="Sailings of a week", down=["Vessel"])


def simple_rest(draw, n):
    """A documentation's simple table with a spanner."""
    ports = some(draw, PORTS, 3, 5)
    rows = [[draw.randint(1, 900) for _ in range(4)] for _ in ports]
    out = ["==========  ======  ======  ======  ======", "            Summer          Winter", "----------  --------------  --------------", "Port        Cars    Bikes   Cars    Bikes", "==========  ======  ======  ======  ======"]
    out += [f"{p:<10}  " + "  ".join(f"{v:<6}" for v in r).rstrip() for p, r in zip(ports, rows)] + ["==========  ======  ======  ======  ======", ""]
    return "txt", "\n".join(out), table(ports, [(a, b) for a in ("Summer", "Winter") for b in ("Cars", "Bikes")], rows)


def expected(draw, n):
    """A crosstab with counts and expected counts, margins, and the test below."""
    boats = some(draw, BOATS, 2, 3)
    heads = ["On time", "Late"]
    counts = [[draw.randint(10, 200) for _ in heads] for _ in boats]
    cs = total(counts)
    g = sum(cs)
    out = [f"{'':<16}{'':<12}{'On time':>10}{'Late':>10}{'Total':>10}"]
    rows, figures = [], []
    for b, c in zip(boats, counts):
        e = [round(sum(c) * x / g, 1) for x in cs]
        out.append(f"{b:<16}{'Count':<12}" + "".join(f"{v:>10}" for v in c + [sum(c)]))
        out.append(f"{'':<16}{'Expected':<12}" + "".join(f"{v:>10.1f}" for v in e + [float(sum(c))]))
        rows += [(b, "Count"), (b, "Expected")]
        figures += [c + [sum(c)], e + [sum(c)]]
    out.append(f"{'Total':<16}{'Count':<12}" + "".join(f"{v:>10}" for v in cs + [g]))
    out.append(f"{'':<16}{'Expected':<12}" + "".join(f"{v:>10.1f}" for v in cs + [g]))
    rows += [("Total", "Count"), ("Total", "Expected")]
    figures += [cs + [g], cs + [g]]
    return "txt", "\n".join(out) + "\n", table(rows, heads + ["Total"], figures, columnRoles={2: "total"}, rowRoles={len(rows) - 2: "total", len(rows) - 1: "total"})


def held(draw, n):
    """Two layers of a crosstab, each named above it."""
    out, tables = [], []
    for sex in ["Female", "Male"]:
        ports = PORTS[: 3 + n % 2]
        rows = [[draw.randint(1, 99) for _ in range(3)] for _ in ports]
        out += [f", , Sex = {sex}", "", f"{'':<10}Ticket", f"{'Port':<10}" + "".join(f"{x:>8}" for x in ["Single", "Return", "Pass"])]
        out += [f"{p:<10}" + "".join(f"{v:>8}" for v in r) for p, r in zip(ports, rows)] + [""]
        tables.append(table(ports, ["Single", "Return", "Pass"], rows, held={"Sex": sex}, down=["Port"], across=["Ticket"]))
    return ("txt", "\n".join(out), *tables)


PRINTERS = [boxed, report, models, exchange, shares, sheet, paper, page, down_marks, statement, unit_column, correlations, frame_box, type_box, characteristics, two_halves, variance, pivot_paste, survey_item, flags, dotted, org, simple_rest, expected, held]


def settle(fact):
    """Truths that need the reader's own ways of keeping what stands beside a figure."""
    if isinstance(fact, dict):
        return fact
    what, rows, more, figures = fact
    if what == "models":
        k = more
        return table([(r[0],) if i >= 8 or i % 2 == 0 else () for i, r in enumerate(rows)], [(f"({i + 1})", "Delay") for i in range(k)], figures)
    if what == "unitcolumn":
        return table([(r[0], r[1]) for r in rows], more, figures)
    if what == "correlations":
        return table([f"{i + 1}. {name}" for i, name in enumerate(rows)], ["M", "SD"] + [str(i + 1) for i in range(more)], figures, title="Means, standard deviations and correlations")
    return table(rows, more, [[str(x) for x in r] for r in figures], down=["Characteristic"])


for printer in PRINTERS:
    for n in range(3):
        kind, content, *facts = printer(random.Random(f"{printer.__name__}{n}"), n)
        name = f"{printer.__name__.replace('_', '-')}-{n + 1}.{kind}"
        if isinstance(content, str):
            truth.write(name, content, *map(settle, facts))
        else:
            content.save(truth.folder / name)
            truth.add(name, *map(settle, facts))
truth.save()
