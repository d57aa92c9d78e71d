"""Sessions, CSV, Markdown, web pages and documents as people lay them out, written by hand."""

import io
import zipfile

from docx import Document
from docx.oxml import OxmlElement
from docx.oxml.ns import qn

from marram import Truth, table

truth = Truth("hand")
COEF = ["Estimate", "Std. Error", "t value", "Pr(>|t|)"]
KINDS = ["coefficient", "error", "test", "p"]

# A session with a call, residuals, coefficients with codes of significance and their legend.
truth.write(
    "session-model.txt",
    """\
> summary(fit)

Call:
lm(formula = trust ~ wait + comfort, data = survey)

Residuals:
     Min       1Q   Median       3Q      Max
-2.03150 -0.50480  0.01120  0.48910  1.97340

Coefficients:
             Estimate Std. Error t value Pr(>|t|)
(Intercept)  1.243700   0.252100   4.933 1.16e-06 ***
wait        -0.000082   0.005900  -0.014    0.989
comfort      0.596900   0.043600  13.690  < 2e-16 ***
---
Signif. codes:  0 '***' 0.001 '**' 0.01 '*' 0.05 '.' 0.1 ' ' 1

Residual standard error: 0.7363 on 417 degrees of freedom
Multiple R-squared:  0.4187,\tAdjusted R-squared:  0.4159
F-statistic: 150.2 on 2 and 417 DF,  p-value: < 2.2e-16
""",
    table([""], ["Min", "1Q", "Median", "3Q", "Max"], [[-2.0315, -0.5048, 0.0112, 0.4891, 1.9734]], title="Residuals"),
    table(
        ["(Intercept)", "wait", "comfort"],
        COEF,
        [[1.2437, 0.2521, 4.933, 1.16e-06], [-0.000082, 0.0059, -0.014, 0.989], [0.5969, 0.0436, 13.69, "< 2e-16"]],
        columnKinds=KINDS,
        title="Coefficients",
    ),
)
truth.write(
    "coefficients.txt",
    """\
            Estimate Std. Error t value Pr(>|t|)
(Intercept)   3.2100     0.1120  28.661   <2e-16 ***
residenceV    0.4410     0.1580   2.791   0.0055 **
ticketRet    -0.1020     0.0970  -1.052   0.2936
""",
    table(["(Intercept)", "residenceV", "ticketRet"], COEF, [[3.21, 0.112, 28.661, "<2e-16"], [0.441, 0.158, 2.791, 0.0055], [-0.102, 0.097, -1.052, 0.2936]], columnKinds=KINDS),
)
# A crosstab with the names of its dimensions on the line of the corner.
truth.write(
    "corner.txt",
    """\
          ticket
residence  Pass Return Single
  Islander   68     62     79
  Visitor    63     68     80
""",
    table(["Islander", "Visitor"], ["Pass", "Return", "Single"], [[68, 62, 79], [63, 68, 80]], down=["residence"], across=["ticket"], kind="value|count"),
)
truth.write(
    "layers.txt",
    """\
, , sex = F

          ticket
residence  Pass Return Single
  Islander   31     30     44
  Visitor    35     33     41

, , sex = M

          ticket
residence  Pass Return Single
  Islander   37     32     35
  Visitor    28     35     39
""",
    table(["Islander", "Visitor"], ["Pass", "Return", "Single"], [[31, 30, 44], [35, 33, 41]], down=["residence"], across=["ticket"], held={"sex": "F"}, kind="value|count"),
    table(["Islander", "Visitor"], ["Pass", "Return", "Single"], [[37, 32, 35], [28, 35, 39]], down=["residence"], across=["ticket"], held={"sex": "M"}, kind="value|count"),
)
truth.write(
    "variance.txt",
    """\
Analysis of Variance Table

Response: wait
           Df  Sum Sq Mean Sq F value  Pr(>F)
ticket      2    75.7   37.85  0.6510 0.52210
residence   1   301.4  301.40  5.1840 0.02330 *
Residuals 416 24185.9   58.14
---
Signif. codes:  0 '***' 0.001 '**' 0.01 '*' 0.05 '.' 0.1 ' ' 1
""",
    table(["ticket", "residence", "Residuals"], ["Df", "Sum Sq", "Mean Sq", "F value", "Pr(>F)"], [[2, 75.7, 37.85, 0.651, 0.5221], [1, 301.4, 301.4, 5.184, 0.0233], [416, 24185.9, 58.14, None, None]], columnKinds=["freedom", "sum|statistic", "statistic", "test", "p"], title="Analysis of Variance Table"),
)
truth.write(
    "quantiles.txt",
    """\
    0%    25%    50%    75%   100%
  1.00  16.40  21.50  27.10  42.10
""",
    table([""], ["0%", "25%", "50%", "75%", "100%"], [[1.0, 16.4, 21.5, 27.1, 42.1]]),
)
truth.write(
    "stub-one-blank.txt",
    """\
area  route        sailings passengers
north Hale–Orrin        310      27381
north Orrin–Skell       288      28811
south Skell–Tamsay      301      29682
south Hale–Tamsay       277      29378
""",
    table([("north", "Hale–Orrin"), ("north", "Orrin–Skell"), ("south", "Skell–Tamsay"), ("south", "Hale–Tamsay")], ["sailings", "passengers"], [[310, 27381], [288, 28811], [301, 29682], [277, 29378]], columnKinds=["count", "count"], down=["area", "route"]),
)
truth.write(
    "tapes.txt",
    """\
Table 3.2: Rent of berths

                 Rent per month
               -------------------
Harbour         Summer     Winter
----------------------------------
Hale             410.0      290.0
Orrin            385.5      262.0
Skell            350.0      240.5
----------------------------------
Source: Harbour office.
Note: Berths up to twelve metres.
""",
    table(["Hale", "Orrin", "Skell"], [("Rent per month", "Summer"), ("Rent per month", "Winter")], [[410.0, 290.0], [385.5, 262.0], [350.0, 240.5]], number="Table 3.2", title="Rent of berths", source="Harbour office.", notes=["Berths up to twelve metres."], down=["Harbour"]),
)
truth.write(
    "centred.txt",
    """\
                   2024                2025
             Single    Return    Single    Return
Hale           120       98        131       105
Orrin           88       72         90        80
Total          208      170        221       185
""",
    table(["Hale", "Orrin", "Total"], [("2024", "Single"), ("2024", "Return"), ("2025", "Single"), ("2025", "Return")], [[120, 98, 131, 105], [88, 72, 90, 80], [208, 170, 221, 185]], rowRoles={2: "grand"}, kind="value|count"),
)
truth.write(
    "frequency.txt",
    """\
     Ticket |      Freq.     Percent        Cum.
------------+-----------------------------------
       Pass |        131       31.19       31.19
     Return |        130       30.95       62.14
     Single |        159       37.86      100.00
------------+-----------------------------------
      Total |        420      100.00
""",
    table(["Pass", "Return", "Single", "Total"], ["Freq.", "Percent", "Cum."], [[131, 31.19, 31.19], [130, 30.95, 62.14], [159, 37.86, 100.0], [420, 100.0, None]], rowRoles={3: "grand"}, columnKinds=["count", "percent", "percent"], down=["Ticket"]),
)
truth.write(
    "two-way.txt",
    """\
           |          Sex
 Residence |         F          M |     Total
-----------+----------------------+----------
  Islander |       105        104 |       209
   Visitor |       109        102 |       211
-----------+----------------------+----------
     Total |       214        206 |       420
""",
    table(["Islander", "Visitor", "Total"], ["F", "M", "Total"], [[105, 104, 209], [109, 102, 211], [214, 206, 420]], rowRoles={2: "grand"}, columnRoles={2: "grand"}, down=["Residence"], across=["Sex"], kind="value|count"),
)
truth.write(
    "brackets-note.txt",
    """\
Determinants of trust

                 (1)        (2)
Wait           -0.050     -0.041
               (0.006)    (0.007)
Comfort                    0.258
                          (0.044)
Constant        4.366      3.912
               (0.130)    (0.210)
N                 420        418

Standard errors in parentheses.
""",
    table(["Wait", "", "Comfort", "", "Constant", "", "N"], ["(1)", "(2)"], [[-0.05, -0.041], [0.006, 0.007], [None, 0.258], [None, 0.044], [4.366, 3.912], [0.13, 0.21], [420, 418]], rowKinds=["coefficient", "error"] * 3 + ["count"], brackets=True, title="Determinants of trust", notes=["Standard errors in parentheses."]),
)
# CSV
truth.write(
    "german.csv",
    "Geschlecht;2023;2024;2025\nMänner;1.204,5;1.310,2;1.298,7\nFrauen;1.311,0;1.290,4;1.345,1\nInsgesamt;2.515,5;2.600,6;2.643,8\n",
    table(["Männer", "Frauen", "Insgesamt"], ["2023", "2024", "2025"], [[1204.5, 1310.2, 1298.7], [1311.0, 1290.4, 1345.1], [2515.5, 2600.6, 2643.8]], rowRoles={2: "grand"}, down=["Geschlecht"], kind="value|count|sum"),
)
truth.write(
    "letters.csv",
    "Deck,F,G,R,B,D\nUpper,12,4,9,3,7\nMain,22,8,14,6,11\nCar,5,1,4,2,2\n",
    table(["Upper", "Main", "Car"], ["F", "G", "R", "B", "D"], [[12, 4, 9, 3, 7], [22, 8, 14, 6, 11], [5, 1, 4, 2, 2]], down=["Deck"], kind="value|count"),
)
truth.write(
    "share-in-a-row.csv",
    "Item,2024,2025\nBerths let,\"1,200\",\"1,310\"\nShare of the pier rent,410,395\nMoorings,88,92\n",
    table(["Berths let", "Share of the pier rent", "Moorings"], ["2024", "2025"], [[1200, 1310], [410, 395], [88, 92]], kind="value|count", down=["Item"]),
)
truth.write(
    "quarters.csv",
    "Quarter,Revenue ($),Growth (%)\nQ1,$1200,4.5\nQ2,$1310,9.2\nQ3,$1405,7.3\nQ4,$1180,-16.0\nTotal,$5095,\n",
    table(["Q1", "Q2", "Q3", "Q4", "Total"], ["Revenue ($)", "Growth (%)"], [[1200, 4.5], [1310, 9.2], [1405, 7.3], [1180, -16.0], [5095, None]], rowRoles={4: "grand"}, columnKinds=["sum", "percent"], columnUnits=["$", "%"], down=["Quarter"]),
)
truth.write(
    "accounts.csv",
    "Account,2024,2025\nFares,5210,5544\nGrants,800,750\nRepairs,(904),(1011)\nFuel,(1988),(2105)\nResult,3118,3178\n",
    table(["Fares", "Grants", "Repairs", "Fuel", "Result"], ["2024", "2025"], [[5210, 5544], [800, 750], [-904, -1011], [-1988, -2105], [3118, 3178]], rowRoles={4: "total"}, down=["Account"], kind="value|sum"),
)
truth.write(
    "flags.csv",
    "Port,2023,2024,2025\nHale,64%A,61%,66%B\nOrrin,5.2 p,5.1,5.4\nSkell,12,13 e,14\n",
    table(["Hale", "Orrin", "Skell"], ["2023", "2024", "2025"], [[64, 61, 66], [5.2, 5.1, 5.4], [12, 13, 14]], down=["Port"]),
)
truth.write(
    "cylinders.csv",
    "Engine,4,6,8\nSandpiper,22.1,19.7,15.3\nTurnstone,27.5,20.1,16.0\n",
    table(["Sandpiper", "Turnstone"], ["4", "6", "8"], [[22.1, 19.7, 15.3], [27.5, 20.1, 16.0]], down=["Engine"]),
)
truth.write(
    "survey-lines.csv",
    "\"Table 7. Satisfaction with the crossing, by age band\",,,\n\"(per cent of those who answered)\",,,\n,16–29,30–64,65+\nVery good,21,25,38\nGood,44,41,40\nFair,24,22,15\nPoor,11,12,7\nAll,100,100,100\n\"Base: 1,204 passengers.\",,,\n\"Source: Marram Sound passenger survey, 2025\",,,\n",
    table(["Very good", "Good", "Fair", "Poor", "All"], ["16–29", "30–64", "65+"], [[21, 25, 38], [44, 41, 40], [24, 22, 15], [11, 12, 7], [100, 100, 100]], rowRoles={4: "grand"}, number="Table 7", title="Satisfaction with the crossing, by age band", units="per cent of those who answered", notes=["Base: 1,204 passengers."], source="Marram Sound passenger survey, 2025", kind="value|percent"),
)
# Markdown with prose, headings and notes.
truth.write(
    "report.md",
    """\
# Ferry report

We counted every passenger on every sailing of the year, and what follows is the first count.

## Passengers by island

| Island | 2024 | 2025 |
|:-------|-----:|-----:|
| Hale   | 51,200 | 52,100 |
| Orrin  | 43,100 | 44,020 |
| **Total** | **94,300** | **96,120** |

Source: ticket office.

The second table is about waiting, which the survey asked of all who boarded.

| Ticket | n | M | SD |
|---|---|---|---|
| Single | 159 | 22.12 | 8.16 |
| Pass | 131 | 21.99 | 7.56 |
""",
    table(["Hale", "Orrin", "Total"], ["2024", "2025"], [[51200, 52100], [43100, 44020], [94300, 96120]], rowRoles={2: "grand"}, title="Passengers by island", source="ticket office.", down=["Island"]),
    table(["Single", "Pass"], ["n", "M", "SD"], [[159, 22.12, 8.16], [131, 21.99, 7.56]], columnKinds=["count", "mean", "deviation"], down=["Ticket"], title=""),
)
# Web pages.
truth.write(
    "page.html",
    """\
<!doctype html><html><head><title>Sound</title></head><body>
<h1>Marram Sound in figures</h1>
<p>The ferries carry more people every year, and in summer the decks are full.</p>
<h2>Table 12: Vehicles by route</h2>
<table>
<thead><tr><th rowspan="2">Route</th><th colspan="2">Vehicles</th></tr><tr><th>2024</th><th>2025</th></tr></thead>
<tbody>
<tr><th>Hale–Orrin</th><td>4,902</td><td>5,015</td></tr>
<tr><th>Orrin–Skell</th><td>5,120</td><td>5,373</td></tr>
<tr style="display:none"><th>Secret</th><td>1</td><td>2</td></tr>
</tbody>
<tfoot><tr><th>Total</th><td>10,022</td><td>10,388</td></tr><tr><td colspan="3">Source: deck logs.</td></tr></tfoot>
</table>
<table><caption>Crew by vessel</caption>
<tr><th>Vessel</th><th>Crew</th></tr><tr><td>Sandpiper</td><td>24</td></tr><tr><td>Turnstone</td><td>31<span hidden>99</span></td></tr>
</table></body></html>
""",
    table(["Hale–Orrin", "Orrin–Skell", "Total"], [("Vehicles", "2024"), ("Vehicles", "2025")], [[4902, 5015], [5120, 5373], [10022, 10388]], rowRoles={2: "grand"}, number="Table 12", title="Vehicles by route", source="deck logs.", down=["Route"], kind="count|value"),
    table(["Sandpiper", "Turnstone"], ["Crew"], [[24], [31]], title="Crew by vessel", down=["Vessel"]),
)


def hide(run):
    run._r.get_or_add_rPr().append(OxmlElement("w:vanish"))


def fill(grid, rows):
    for i, row in enumerate(rows):
        for j, text in enumerate(row):
            grid.cell(i, j).text = text


document = Document()
document.add_paragraph("The survey was asked on board in June and in January, of all who would answer.")
document.add_paragraph("Table 1", style="Caption")
document.add_paragraph("Waiting by residence", style="Caption")
rows = [["Residence", "n", "M", "SD"], ["Islander", "209", "20.4", "7.9"], ["Visitor", "211", "23.1", "7.2"]]
grid = document.add_table(rows=3, cols=4)
fill(grid, rows)
run = grid.cell(1, 1).paragraphs[0].add_run("7")
hide(run)
document.add_paragraph("Note. Minutes between arrival at the pier and boarding.")
document.add_paragraph("These are the figures that the harbour office asked for.")
inner = document.add_table(rows=3, cols=2)
fill(inner, [["Ticket", "Sold"], ["Single", "1204"], ["Pass", "140"]])
control = OxmlElement("w:sdt")
content = OxmlElement("w:sdtContent")
inner._tbl.addprevious(control)
control.append(content)
content.append(inner._tbl)
document.save(truth.folder / "paper.docx")
truth.add(
    "paper.docx",
    table(["Islander", "Visitor"], ["n", "M", "SD"], [[209, 20.4, 7.9], [211, 23.1, 7.2]], columnKinds=["count", "mean", "deviation"], number="Table 1", title="Waiting by residence", notes=["Minutes between arrival at the pier and boarding."], down=["Residence"]),
    table(["Single", "Pass"], ["Sold"], [[1204], [140]], down=["Ticket"]),
)

# An ODS whose equal rows are written once.
cell = '<table:table-cell office:value-type="float" office:value="{0}"><text:p>{0}</text:p></table:table-cell>'
text = "<table:table-cell office:value-type=\"string\"><text:p>{0}</text:p></table:table-cell>"
content = (
    '<?xml version="1.0" encoding="UTF-8"?><office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" '
    'xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" office:version="1.3">'
    "<office:body><office:spreadsheet><table:table table:name=\"Calls\"><table:table-row>"
    + text.format("Pier") + text.format("Boats")
    + "</table:table-row><table:table-row table:number-rows-repeated=\"250\">"
    + text.format("Hale") + cell.format(3)
    + "</table:table-row><table:table-row>" + text.format("Total") + cell.format(750)
    + "</table:table-row></table:table></office:spreadsheet></office:body></office:document-content>"
)
with zipfile.ZipFile(truth.folder / "repeats.ods", "w") as out:
    out.writestr("mimetype", "application/vnd.oasis.opendocument.spreadsheet")
    out.writestr("content.xml", content)
truth.add("repeats.ods", table([("Hale",)] * 250 + [("Total",)], ["Boats"], [[3]] * 250 + [[750]], rowRoles={250: "grand"}, down=["Pier"]))
truth.save()
