"""Prints yet other frames and models with pandas, statsmodels and psql: a set that was made when recognition was done, to see it abroad.

psql needs a server: PGHOST, PGPORT and PGUSER say which.
"""

import os
import subprocess
import warnings

import pandas as pd
import statsmodels.api as sm
import statsmodels.formula.api as smf

from marram import Truth, of_frame, sailings, survey, table

warnings.simplefilter("ignore")
S = sailings(500, 5)
V = survey(300, 6)
truth = Truth("further")
def num(x):
    try: return float(x)
    except: return x
# mixed model, quantile regression, GEE, wls
def coef(simple, kinds): 
    rows=simple.data[1:]; return table([r[0] for r in rows],[str(c).strip() for c in simple.data[0][1:]],[[num(c) for c in r[1:]] for r in rows],columnKinds=kinds)
def panel(simple):
    p=[]
    for i in (0,2):
        for r in simple.data:
            n=str(r[i]).strip().rstrip(':') if i<len(r) else ''
            if n: p.append((n,str(r[i+1]).strip()))
    return table([a for a,_ in p],[""],[[num(b)] for _,b in p])
K=["coefficient","error","test","p","interval","interval"]
for name,fit in [("quantreg",smf.quantreg("Wait ~ Comfort",V).fit()),("wls",smf.wls("Trust ~ Wait",V,weights=V.Crowding).fit()),("probit",smf.probit("Again ~ Trust",V).fit(disp=0))]:
    s=fit.summary(); tb=[panel(s.tables[0]),coef(s.tables[1],K)]
    if s.tables[0].title: tb[0]["title"]=s.tables[0].title
    if len(s.tables)>2: tb.append(panel(s.tables[2]))
    truth.write(name+".txt",str(s)+"\n",*tb)
m=smf.ols("Trust ~ Wait + Comfort",V).fit()
truth.write("coef.csv", m.summary().tables[1].as_csv(), coef(m.summary().tables[1],K))
# pandas odd prints
piv=pd.pivot_table(S,index=["Route","Season"],columns="Vessel",values="Fares",aggfunc="sum",margins=True,margins_name="All").round(2)
truth.write("margins2.txt",piv.to_string()+"\n",of_frame(piv,rowRoles={12:"grand"},columnRoles={3:"grand"},kind="value|sum"))
truth.write("margins2.html",piv.to_html(),of_frame(piv,rowRoles={12:"grand"},columnRoles={3:"grand"},kind="value|sum"))
truth.write("margins2.csv",piv.to_csv(),{**of_frame(piv,rowRoles={12:"grand"},columnRoles={3:"grand"},kind="value|sum"),"across":[""]})
g=V.groupby(["Residence","Sex"])[["Wait","Trust"]].agg(["mean","std"]).round(2)
truth.write("g2.txt",g.to_string()+"\n",of_frame(g,columnKinds=["mean","deviation"]*2))
sk=V[["Wait","Comfort","Trust"]].agg(["count","mean","std","skew","kurt"]).round(3)
truth.write("skew.txt",sk.to_string()+"\n",of_frame(sk,rowKinds=["count","mean","deviation","statistic","statistic"]))
pc=(pd.crosstab(V.Age,V.Ticket,normalize="all",margins=True)*100).round(1).map(lambda x:f"{x:.1f}%") if hasattr(pd.DataFrame,'map') else (pd.crosstab(V.Age,V.Ticket,normalize="all",margins=True)*100).round(1).applymap(lambda x:f"{x:.1f}%")
f=of_frame(pc,kind="percent",rowRoles={4:"grand"},columnRoles={3:"grand"}); f["figures"]=[[float(c[:-1]) for c in r] for r in f["figures"]]
truth.write("pc.txt",pc.to_string()+"\n",f); truth.write("pc.html",pc.to_html(),f)
r=S.groupby("Year")[["Passengers","Vehicles"]].sum(); truth.write("yearrows.txt",r.to_string()+"\n",of_frame(r,columnKinds=["count","count"])); truth.write("yearrows.csv",r.to_csv(),of_frame(r,columnKinds=["count","count"]))
big=S.groupby("Route")[["Fares","Cost"]].sum().round(0).astype(int); truth.write("comma.txt",big.to_string(formatters={c:"{:,}".format for c in big.columns})+"\n",of_frame(big,columnKinds=["sum","sum"]))
c2=pd.crosstab([V.Residence,V.Sex],V.Ticket); truth.write("c2.txt",c2.to_string()+"\n",of_frame(c2,kind="value|count"))
c3=pd.crosstab(V.Residence,[V.Sex,V.Ticket]); truth.write("c3.txt",c3.to_string()+"\n",of_frame(c3,kind="value|count")); truth.write("c3.html",c3.to_html(),of_frame(c3,kind="value|count"))
# psql
def psql(opts,sql):
    return subprocess.run(["psql", "-d", "postgres"]+opts+["-c",sql],capture_output=True,text=True,check=True).stdout
t_flat=S.groupby("Route").agg(Sailings=("Cost","size"),Fares=("Fares","sum")).round(2)
vals=",".join(f"('{i}',{int(a)},{b:.2f})" for i,(a,b) in zip(t_flat.index,t_flat.itertuples(index=False)))
sql=f'select * from (values {vals}) v("Route","Sailings","Fares")'
fact={**of_frame(t_flat,columnKinds=["count","sum"]),"across":[""]}
for n,o in [("aligned",[]),("border2",["-P","border=2"]),("border0",["-P","border=0"]),("unicode",["-P","border=2","-P","linestyle=unicode"]),("unaligned",["-A"]),("html",["-H"]),("csv",["--csv"]),("title",["-P","title=Fares by route"])]:
    ff={**fact,"title":"Fares by route"} if n=="title" else fact
    truth.write(f"psql-{n}.{ {'html':'html','csv':'csv'}.get(n,'txt')}",psql(o,sql),ff)
truth.save()
