"""Workbooks as businesses lay them out, written with openpyxl and odfpy; and what is true of each."""

import datetime

from openpyxl import Workbook
from openpyxl.styles import Alignment, Font
from openpyxl.utils.datetime import CALENDAR_MAC_1904

from marram import Truth, table

truth = Truth("workbooks")


def book(name, rows, *tables, merges=(), formats=None, indents=None, bold=(), hidden_rows=(), hidden_columns=(), epoch=None):
    out = Workbook()
    if epoch:
        out.epoch = epoch
    sheet = out.active
    for row in rows:
        sheet.append(list(row))
    for one in merges:
        sheet.merge_cells(one)
    for place, form in (formats or {}).items():
        for row in sheet[place] if ":" in place else ((sheet[place],),):
            for cell in row:
                cell.number_format = form
    for place, step in (indents or {}).items():
        sheet[place].alignment = Alignment(indent=step)
    for row in bold:
        for cell in sheet[row]:
            cell.font = Font(bold=True)
    for row in hidden_rows:
        sheet.row_dimensions[row].hidden = True
    for column in hidden_columns:
        sheet.column_dimensions[column].hidden = True
    out.save(truth.folder / name)
    truth.add(name, *tables)


# A report with a title, a line of units, spacer rows, subtotals and notes.
book(
    "route-accounts.xlsx",
    [
        ["Table 2.1: Running cost and fares by route"],
        ["(thousands of euros)"],
        [],
        ["Route", "Vessel", "Fares", "Running cost", "Cost recovery"],
        ["Northern", "Sandpiper", 412.5, 520.1, 0.793],
        [None, "Whimbrel", 388.2, 405.7, 0.957],
        ["Northern total", None, 800.7, 925.8, 0.865],
        [],
        ["Southern", "Turnstone", 655.0, 498.3, 1.314],
        [None, "Sandpiper", 129.4, 201.6, 0.642],
        ["Southern total", None, 784.4, 699.9, 1.121],
        [],
        ["Grand total", None, 1585.1, 1625.7, 0.975],
        [],
        ["Note: Fares without the islanders' rebate."],
        ["Source: Marram Sound Ferries, accounts of 2025."],
    ],
    table(
        [("Northern", "Sandpiper"), ("Northern", "Whimbrel"), ("Northern", "Northern total"), ("Southern", "Turnstone"), ("Southern", "Sandpiper"), ("Southern", "Southern total"), ("Grand total",)],
        ["Fares", "Running cost", "Cost recovery"],
        [[412.5, 520.1, 79.3], [388.2, 405.7, 95.7], [800.7, 925.8, 86.5], [655.0, 498.3, 131.4], [129.4, 201.6, 64.2], [784.4, 699.9, 112.1], [1585.1, 1625.7, 97.5]],
        rowRoles={2: "subtotal", 5: "subtotal", 6: "grand"},
        columnKinds=["sum", "sum", "percent"],
        number="Table 2.1",
        title="Running cost and fares by route",
        units="thousands of euros",
        notes=["Fares without the islanders' rebate."],
        source="Marram Sound Ferries, accounts of 2025.",
        down=["Route", "Vessel"],
    ),
    formats={"E5:E13": "0.0%", "C5:D13": "#,##0.0"},
)

# A plain total that is wrong, and a sound one: words name it.
book(
    "cargo.xlsx",
    [["Cargo", "Tonnes"], ["Coal", 640], ["Peat", 1511], ["Fish", 848], ["Total", 2999]],
    table(["Coal", "Peat", "Fish", "Total"], ["Tonnes"], [[640], [1511], [848], [2999]], rowRoles={3: "grand"}, columnKinds=["sum|value"], down=["Cargo"]),
)
book(
    "cargo-wrong.xlsx",
    [["Cargo", "Tonnes"], ["Coal", 640], ["Peat", 1511], ["Total", 2999]],
    table(["Coal", "Peat", "Total"], ["Tonnes"], [[640], [1511], [2999]], rowRoles={2: "grand"}, columnKinds=["sum|value"], down=["Cargo"], wrong=1),
)

# Opening, movements, closing, down.
book(
    "berths.xlsx",
    [
        ["Berths let", 2023, 2024, 2025],
        ["Opening balance", 210, 224, 219],
        ["New lets", 31, 18, 40],
        ["Given up", -17, -23, -12],
        ["Closing balance", 224, 219, 247],
    ],
    table(["Opening balance", "New lets", "Given up", "Closing balance"], ["2023", "2024", "2025"], [[210, 224, 219], [31, 18, 40], [-17, -23, -12], [224, 219, 247]], rowRoles={3: "total"}, kind="value|count", down=["Berths let"]),
)

# A part of a row, written below it.
book(
    "visitors.xlsx",
    [
        ["Residence", "Passengers", "Share"],
        ["Islanders", 18220, 0.38],
        ["Visitors", 29730, 0.62],
        ["of which: day trippers", 21100, 0.44],
        ["Total", 47950, 1],
    ],
    table(["Islanders", "Visitors", "of which: day trippers", "Total"], ["Passengers", "Share"], [[18220, 38], [29730, 62], [21100, 44], [47950, 100]], rowRoles={3: "grand"}, columnKinds=["count", "percent"], down=["Residence"]),
    formats={"C2:C5": "0%", "B2:B5": "#,##0"},
)

# Net of two rows.
book(
    "result.xlsx",
    [
        ["€ thousand", "2024", "2025"],
        ["Fares", 5210, 5544],
        ["Grants", 800, 750],
        ["Income", 6010, 6294],
        ["Crew", 2620, 2714],
        ["Fuel", 1988, 2105],
        ["Repairs", 904, 1011],
        ["Cost", 5512, 5830],
        ["Surplus", 498, 464],
    ],
    table(["Fares", "Grants", "Income", "Crew", "Fuel", "Repairs", "Cost", "Surplus"], ["2024", "2025"], [[5210, 5544], [800, 750], [6010, 6294], [2620, 2714], [1988, 2105], [904, 1011], [5512, 5830], [498, 464]], rowRoles={2: "subtotal", 6: "subtotal", 7: "total"}),
)

# An average below figures is no sum.
book(
    "lateness.xlsx",
    [["Route", "Minutes late", "Sailings"], ["Hale–Orrin", 4.2, 310], ["Orrin–Skell", 6.8, 288], ["Skell–Tamsay", 5.1, 301], ["Average", 5.37, 299.7]],
    table(["Hale–Orrin", "Orrin–Skell", "Skell–Tamsay", "Average"], ["Minutes late", "Sailings"], [[4.2, 310], [6.8, 288], [5.1, 301], [5.37, 299.7]], rowRoles={3: "grand"}, columnKinds=["mean|sum|value", "count"], down=["Route"]),
)

# Rounded figures need not add up, and the note says so.
book(
    "rounded.xlsx",
    [["Island", "2024", "2025"], ["Hale", 33, 35], ["Orrin", 28, 27], ["Skell", 21, 20], ["Tamsay", 19, 19], ["All islands", 100, 100], [], ["Note: Figures are rounded and may not add up."]],
    table(["Hale", "Orrin", "Skell", "Tamsay", "All islands"], ["2024", "2025"], [[33, 35], [28, 27], [21, 20], [19, 19], [100, 100]], rowRoles={4: "grand"}, notes=["Figures are rounded and may not add up."], down=["Island"]),
)

# A column named Total that is a measure of its own.
book(
    "crew.xlsx",
    [["Vessel", "Total crew", "Gulf share", "Total cost"], ["Sandpiper", 24, 11, 512000], ["Turnstone", 31, 6, 688400], ["Whimbrel", 18, 9, 401250]],
    table(["Sandpiper", "Turnstone", "Whimbrel"], ["Total crew", "Gulf share", "Total cost"], [[24, 11, 512000], [31, 6, 688400], [18, 9, 401250]], columnKinds=["count|value", "value|count", "sum"], down=["Vessel"]),
)

# Dates over the columns on the calendar that begins in 1904.
days = [datetime.date(2025, month, 1) for month in (1, 2, 3)]
book(
    "months-1904.xlsx",
    [["Route"] + days, ["Hale–Orrin", 812, 790, 955], ["Orrin–Skell", 640, 655, 702]],
    table(["Hale–Orrin", "Orrin–Skell"], ["2025-01-01", "2025-02-01", "2025-03-01"], [[812, 790, 955], [640, 655, 702]], kind="value|count", down=["Route"]),
    formats={"B1:D1": "yyyy-mm-dd"},
    epoch=CALENDAR_MAC_1904,
)

# Formats with a code of a currency.
book(
    "tickets.xlsx",
    [["Ticket", "Price", "Rebate", "Sold"], ["Single", 8.25, 0.25, 1204], ["Return", 14.5, 0.5, 988], ["Pass", 92.75, 10.25, 140]],
    table(["Single", "Return", "Pass"], ["Price", "Rebate", "Sold"], [[8.25, 0.25, 1204], [14.5, 0.5, 988], [92.75, 10.25, 140]], columnKinds=["sum|value", "sum|value", "count|value"], columnUnits=["EUR", "€", ""], down=["Ticket"]),
    formats={"B2:B4": "[$EUR] #,##0.00", "C2:C4": "[$€-2] #,##0.00", "D2:D4": "#,##0"},
)

# Hidden rows and a hidden column.
book(
    "staff-hidden.xlsx",
    [["Post", "Name", "Hours", "Pay"], ["Mate", "A. Petrel", 140, 3120], ["Cook", "B. Knot", 122, 2310], ["Purser", "C. Teal", 98, 2205], ["Total", None, 360, 7635]],
    table(["Mate", "Cook", "Purser", "Total"], ["Hours", "Pay"], [[140, 3120], [122, 2310], [98, 2205], [360, 7635]], rowRoles={3: "grand"}, columnKinds=["sum|value", "sum|value"], down=["Post"]),
    hidden_columns=["B"],
)

# Codes are stub, also where they are numbers.
book(
    "codes.xlsx",
    [["Code", "Harbour", "Boats", "Berths"], [101, "Hale", 42, 60], [102, "Orrin", 31, 35], [205, "Skell", 28, 30], [310, "Tamsay", 12, 20]],
    table([("101", "Hale"), ("102", "Orrin"), ("205", "Skell"), ("310", "Tamsay")], ["Boats", "Berths"], [[42, 60], [31, 35], [28, 30], [12, 20]], columnKinds=["value|count", "value|count"], down=["Code", "Harbour"]),
)

# Two tables side by side, one with years for labels.
book(
    "side-by-side.xlsx",
    [
        ["By year", None, None, None, "By island", None],
        ["Year", "Passengers", "Fares", None, "Island", "Passengers"],
        [2023, 41200, 330.5, None, "Hale", 52100],
        [2024, 43810, 351.2, None, "Orrin", 44020],
        [2025, 47950, 388.0, None, "Skell", 36840],
    ],
    table(["2023", "2024", "2025"], ["Passengers", "Fares"], [[41200, 330.5], [43810, 351.2], [47950, 388.0]], columnKinds=["count", "sum"], down=["Year"], title="By year"),
    table(["Hale", "Orrin", "Skell"], ["Passengers"], [[52100], [44020], [36840]], columnKinds=["count"], down=["Island"], title="By island"),
)

# Spacer columns between groups of columns, heads merged.
book(
    "spacers.xlsx",
    [
        ["Waiting by season"],
        [None, "Summer", None, None, "Winter", None],
        ["Route", "n", "Mean", None, "n", "Mean"],
        ["Hale–Orrin", 120, 18.4, None, 88, 25.1],
        ["Orrin–Skell", 98, 20.9, None, 71, 28.7],
        [None] * 6,
        ["Skell–Tamsay", 77, 17.2, None, 54, 24.0],
    ],
    table(["Hale–Orrin", "Orrin–Skell", "Skell–Tamsay"], [("Summer", "n"), ("Summer", "Mean"), ("Winter", "n"), ("Winter", "Mean")], [[120, 18.4, 88, 25.1], [98, 20.9, 71, 28.7], [77, 17.2, 54, 24.0]], columnKinds=["count", "mean"] * 2, title="Waiting by season", down=["Route"]),
    merges=["B2:C2", "E2:F2"],
)

# Two measures in one cell.
book(
    "two-in-a-cell.xlsx",
    [
        ["Table 4. Comfort and trust by age"],
        ["", "Comfort, M (SD)", "Trust, M (SD)", "n (%)"],
        ["16–29", "3.4 (0.9)", "3.1 (1.1)", "66 (55.0)"],
        ["30–44", "3.6 (1.0)", "3.3 (0.8)", "31 (25.8)"],
        ["45+", "2.9 (0.7)", "3.8 (0.9)", "23 (19.2)"],
    ],
    table(
        ["16–29", "30–44", "45+"],
        ["Comfort, M (SD)", "Trust, M (SD)", "n (%)"],
        [["3.4 (0.9)", "3.1 (1.1)", "66 (55.0)"], ["3.6 (1.0)", "3.3 (0.8)", "31 (25.8)"], ["2.9 (0.7)", "3.8 (0.9)", "23 (19.2)"]],
        pairs=[["mean", "deviation"], ["mean", "deviation"], ["count", "percent"]],
        title="Comfort and trust by age",
        number="Table 4",
    ),
)

# Units are each their own: money beside percents, and a change that says neither.
book(
    "margins.xlsx",
    [
        [None, "2024", None, "2025", None, "Change"],
        ["Kiosk", "Sales", "Margin", "Sales", "Margin", None],
        ["Hale pier", 1420, 0.207, 1510, 0.221, 6.3],
        ["Orrin quay", 980, 0.184, 1010, 0.19, 3.1],
        ["Skell slip", 455, 0.124, 512, 0.131, 12.5],
    ],
    table(["Hale pier", "Orrin quay", "Skell slip"], [("2024", "Sales"), ("2024", "Margin"), ("2025", "Sales"), ("2025", "Margin"), ("Change",)], [[1420, 20.7, 1510, 22.1, 6.3], [980, 18.4, 1010, 19.0, 3.1], [455, 12.4, 512, 13.1, 12.5]], columnKinds=["sum", "percent", "sum", "percent", "value"], columnUnits=["€", "%", "€", "%", ""], down=["Kiosk"]),
    merges=["B1:C1", "D1:E1"],
    formats={"B3:B5": "€#,##0", "D3:D5": "€#,##0", "C3:C5": "0.0%", "E3:E5": "0.0%"},
)

# A stub indented by spaces, a weighted mean as the total.
book(
    "indented.xlsx",
    [
        ["Passengers and mean wait by age", None, None],
        ["Age", "n", "Mean wait"],
        ["Islanders", 200, 20.4],
        ["   under 30", 80, 18.0],
        ["   30 and over", 120, 22.0],
        ["Visitors", 100, 25.0],
        ["   under 30", 60, 26.0],
        ["   30 and over", 40, 23.5],
        ["Total", 300, 21.9],
    ],
    table(
        [("Islanders",), ("Islanders", "under 30"), ("Islanders", "30 and over"), ("Visitors",), ("Visitors", "under 30"), ("Visitors", "30 and over"), ("Total",)],
        ["n", "Mean wait"],
        [[200, 20.4], [80, 18.0], [120, 22.0], [100, 25.0], [60, 26.0], [40, 23.5], [300, 21.9]],
        rowRoles={0: "subtotal", 3: "subtotal", 6: "grand"},
        columnKinds=["count", "mean"],
        title="Passengers and mean wait by age",
    ),
)

# An index row: the stub's levels are named in a row of their own, the columns' dimension in the corner.
book(
    "index-row.xlsx",
    [
        ["Smoker", None, "No", "Yes"],
        ["Residence", "Ticket", None, None],
        ["Islander", "Single", 34, 9],
        [None, "Return", 41, 12],
        ["Visitor", "Single", 55, 21],
        [None, "Return", 62, 17],
    ],
    table([("Islander", "Single"), ("Islander", "Return"), ("Visitor", "Single"), ("Visitor", "Return")], ["No", "Yes"], [[34, 9], [41, 12], [55, 21], [62, 17]], down=["Residence", "Ticket"], across=["Smoker"], kind="value|count"),
)

# A spanner that only names the dimension below it.
book(
    "named-spanner.xlsx",
    [[None, "Smoker", None, None], ["Residence", "No", "Yes", "Total"], ["Islander", 75, 21, 96], ["Visitor", 117, 38, 155], ["Total", 192, 59, 251]],
    table(["Islander", "Visitor", "Total"], ["No", "Yes", "Total"], [[75, 21, 96], [117, 38, 155], [192, 59, 251]], rowRoles={2: "grand"}, columnRoles={2: "grand"}, down=["Residence"], across=["Smoker"], kind="value|count"),
    merges=["B1:D1"],
)
book(
    "named-spanner-bare.xlsx",
    [[None, "Smoker", None], ["Residence", "No", "Yes"], ["Islander", 75, 21], ["Visitor", 117, 38]],
    table(["Islander", "Visitor"], ["No", "Yes"], [[75, 21], [117, 38]], down=["Residence"], across=["Smoker"], kind="value|count"),
    merges=["B1:C1"],
)

# Running subtotals down a statement.
book(
    "running.xlsx",
    [
        ["Step", "€"],
        ["Gross fares", 900],
        ["Rebates", -120],
        ["Net fares", 780],
        ["Grants", 220],
        ["Net income", 1000],
        ["Tax", -150],
        ["After tax", 850],
    ],
    table(["Gross fares", "Rebates", "Net fares", "Grants", "Net income", "Tax", "After tax"], ["€"], [[900], [-120], [780], [220], [1000], [-150], [850]], rowRoles={2: "total", 4: "total", 6: "total"}, down=["Step"]),
)

# Ages and percents as heads.
book(
    "ages.xlsx",
    [["Sex", 16, 17, 18, 19], ["F", 12, 15, 22, 19], ["M", 14, 11, 25, 30]],
    table(["F", "M"], ["16", "17", "18", "19"], [[12, 15, 22, 19], [14, 11, 25, 30]], down=["Sex"], kind="value|count"),
)
truth.save()
