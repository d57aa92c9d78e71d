"""Workbooks and a document as people lay them out: titles apart, spacers, side by side, indents."""

import openpyxl, datetime
from openpyxl.styles import Font, Alignment, PatternFill, Border, Side
def wb(): 
    w=openpyxl.Workbook(); return w, w.active
# c01: report with logo rows, merged title, units right above, indented rows, total bold
w,s=wb(); s.title="Income"
s.merge_cells("B2:F2"); s["B2"]="Marram Sound Ferries – income by quarter"; s["B2"].font=Font(bold=True,size=14)
s["F3"]="€ thousand"
for i,h in enumerate(["","Q1 2025","Q2 2025","Q3 2025","Total"]): s.cell(4,2+i,h)
rows=[("Fares",None),("Foot",120.4,150.2,210.9),("Car",220,260.5,300.1),("Freight",88.2,90.1,95.7),("Total",)]
r=5
s.cell(5,2,"Fares")
for k,(n,*v) in enumerate([("Foot",120.4,150.2,210.9),("Car",220,260.5,300.1)]):
    c=s.cell(6+k,2,n); c.alignment=Alignment(indent=1)
    for j,x in enumerate(v): s.cell(6+k,3+j,x).number_format='#,##0.0'
    s.cell(6+k,6,f"=SUM(C{6+k}:E{6+k})"); s.cell(6+k,6).number_format='#,##0.0'
s.cell(8,2,"Freight")
for j,x in enumerate((88.2,90.1,95.7)): s.cell(8,3+j,x).number_format='#,##0.0'
s.cell(9,2,"Total").font=Font(bold=True)
for j,x in enumerate((428.6,500.8,606.7)): s.cell(9,3+j,x).number_format='#,##0.0'; s.cell(9,3+j).font=Font(bold=True)
for rr,t in ((6,481.5),(7,780.6),(8,274.0),(9,1536.1)): s.cell(rr,6,t).number_format='#,##0.0'
s["B11"]="Note: preliminary figures."
w.save("c01.xlsx")
# c02: two tables side by side with titles each
w,s=wb()
s["A1"]="Sailings"; s["E1"]="Passengers"
for i,h in enumerate(["Route","2024","2025"]): s.cell(2,1+i,int(h) if h.isdigit() else h); s.cell(2,5+i,int(h) if h.isdigit() else h)
for r,(n,a,b,c,d) in enumerate([("Hale",412,430,41200,43100),("Orrin",265,270,26100,26900),("Skerry",101,99,5200,5100)]):
    for j,x in enumerate([n,a,b]): s.cell(3+r,1+j,x)
    for j,x in enumerate([n,c,d]): s.cell(3+r,5+j,x)
w.save("c02.xlsx")
# c03: pivot compact with percent column & dates head
w,s=wb()
s.append(["Sailings by month",None,None,None]); s.append([])
s.append(["Route",datetime.date(2025,1,1),datetime.date(2025,2,1),datetime.date(2025,3,1)])
for c in s[3][1:]: c.number_format='mmm yyyy'
for row in [("Hale",31,28,31),("Orrin",15,14,16),("All",46,42,47)]: s.append(row)
w.save("c03.xlsx")
# c04: two header rows merged, measure pairs n/% with percent formats
w,s=wb()
s.append(["Island","Foot",None,"Car",None]); s.append([None,"n","%","n","%"])
s.merge_cells("A1:A2"); s.merge_cells("B1:C1"); s.merge_cells("D1:E1")
for row in [("Hale",180,.598,101,.513),("Orrin",121,.402,96,.487),("Total",301,1,197,1)]:
    s.append(row)
for r in range(3,6):
    for c in (3,5): s.cell(r,c).number_format='0.0%'
w.save("c04.xlsx")
# c05: budget with section rows filled, blank spacer columns
w,s=wb()
s["A1"]="Budget 2026"; 
for c,h in ((1,"Account"),(3,"Plan"),(5,"Actual"),(7,"Difference")): s.cell(3,c,h)
data=[("Income",None,None,None),("Fares",1243,1190,-53),("Freight",612,598,-14),("Total income",1855,1788,-67),(None,)*4,("Costs",None,None,None),("Fuel",702,688,-14),("Crew",812,790,-22),("Total costs",1514,1478,-36),(None,)*4,("Result",341,310,-31)]
for i,(n,a,b,d) in enumerate(data):
    for c,x in ((1,n),(3,a),(5,b),(7,d)):
        if x is not None: s.cell(4+i,c,x)
    if n and a is None: s.cell(4+i,1).fill=PatternFill("solid",fgColor="DDDDDD")
w.save("c05.xlsx")
# c06: long-ish data list with years as rows and text notes col
w,s=wb()
s.append(["Year","Passengers","Change","Remark"])
for y,p,c,n in [(2020,210.4,None,"Pandemic"),(2021,310.2,.474,""),(2022,402.8,.298,"New vessel"),(2023,431.0,.07,""),(2024,440.2,.021,"")]:
    s.append([y,p,c,n])
for r in range(2,7): s.cell(r,3).number_format='0.0%'
w.save("c06.xlsx")
# c07 matrix of costs, currency custom format, negative red brackets
w,s=wb()
s.append([None,"Hale","Orrin","Skerry"])
for n,*v in [("Fares",1204.5,820,101.25),("Refunds",-12.5,-8,-1),("Net",1192,812,100.25)]:
    s.append([n,*v])
for r in range(2,5):
    for c in range(2,5): s.cell(r,c).number_format='#,##0.00 [$kr-414];[Red](#,##0.00) [$kr-414]'
w.save("c07.xlsx")
import docx
d=docx.Document()
d.add_paragraph("Report on ferries"); d.add_paragraph("Table 1"); p=d.add_paragraph(); p.add_run("Descriptive statistics and correlations").italic=True
t=d.add_table(rows=0,cols=5)
for row in [("Variable","M","SD","1","2"),("1. Trust","3.41","0.92","—",""),("2. Comfort","3.62","1.01",".44**","—")]:
    c=t.add_row().cells
    for i,x in enumerate(row): c[i].text=x
d.add_paragraph("Note. N = 498. **p < .01.")
d.add_paragraph("We then looked at delays. They were longer in winter.")
d.add_paragraph("Table 2. Delays by season (minutes)")
t=d.add_table(rows=0,cols=4)
for row in [("","Summer","Winter","All"),("Hale","5.2 (6.8)","6.9 (7.0)","6.1 (6.9)"),("Orrin","9.1 (7.4)","8.5 (8.1)","8.8 (7.7)")]:
    c=t.add_row().cells
    for i,x in enumerate(row): c[i].text=x
d.add_paragraph("Mean (SD). Source: sailing log.")
d.save("c08.docx")
