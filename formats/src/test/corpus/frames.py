"""Data frames of many shapes, each with what is true of it, for the printers."""

import pandas as pd

from marram import of_frame, sailings, survey

SUM = "sum"
COUNT = "count|value"
S = sailings()
V = survey()
ANY = "value|count|sum"


def shapes():
    """name → (frame, truth), in an order that does not change."""
    all_shapes = {}

    def add(name, frame, **more):
        all_shapes[name] = (frame, of_frame(frame, **more))

    frame = S.groupby("Route")[["Passengers", "Vehicles", "Fares"]].sum().round(2)
    add("sums", frame, columnKinds=["count", "count", SUM])

    frame = S.groupby(["Route", "Season"])[["Passengers", "Fares", "Cost"]].sum().round(2)
    add("nested", frame, columnKinds=["count", SUM, SUM])

    frame = pd.pivot_table(S, index="Route", columns="Season", values="Passengers", aggfunc="sum", margins=True, margins_name="Total")
    add("pivot", frame, kind=ANY, rowRoles={4: "grand"}, columnRoles={3: "grand"})

    frame = pd.crosstab(V["Residence"], V["Ticket"], margins=True)
    add("crosstab", frame, kind=COUNT, rowRoles={2: "grand"}, columnRoles={3: "grand"})

    frame = pd.crosstab(V["Age"], V["Sex"])
    add("sexes", frame, kind=COUNT)

    frame = pd.pivot_table(S, index="Route", columns="Season", values=["Passengers", "Fares"], aggfunc="sum").round(2)
    frame = frame.rename_axis(columns=["", "Season"])
    add("measures-across", frame, columnKinds=[SUM] * 3 + ["count"] * 3)

    frame = S.groupby("Vessel")[["Late", "Passengers"]].agg(["mean", "std", "count"]).round(3)
    add("statistics-across", frame, columnKinds=["mean", "deviation", "count"] * 2)

    frame = V[["Wait", "Comfort", "Trust", "Crowding"]].describe().round(3)
    add("describe", frame, rowKinds=["count", "mean", "deviation", "statistic", "statistic", "statistic", "statistic", "statistic"])

    frame = V[["Wait", "Comfort", "Trust", "Crowding"]].corr().round(3)
    add("correlations", frame, kind="correlation")

    frame = S.groupby(["Route", "Year"])["Passengers"].sum().unstack()
    add("years", frame, kind=ANY)

    frame = S.groupby(["Vessel", "Season", "Year"])["Passengers"].sum().unstack([1, 2])
    add("years-under-seasons", frame, kind=ANY)

    frame = V.groupby("Ticket")["Wait"].describe().round(2)
    add("describe-groups", frame, columnKinds=["count", "mean", "deviation"] + ["statistic"] * 5)

    frame = (pd.crosstab(V["Age"], V["Residence"], normalize="index") * 100).round(1)
    add("shares", frame, kind="value|percent")

    frame = S.groupby("Route").agg(Sailings=("Cost", "size"), MeanLate=("Late", "mean"), TotalCost=("Cost", "sum")).round(2)
    add("named", frame, columnKinds=["count", "mean|value", "sum|value"])

    frame = V.groupby(["Residence", "Age", "Ticket"])["Again"].agg(["sum", "count", "mean"]).round(3)
    add("three-levels", frame, columnKinds=["sum|value", "count", "mean"])

    frame = pd.pivot_table(S, index=["Vessel", "Route"], columns="Year", values="Late", aggfunc="max")
    add("late", frame, kind="value|statistic")

    frame = pd.DataFrame(
        {"Opening": [120, 80, 64], "Joined": [14, 9, 22], "Left": [11, 4, 9], "Closing": [123, 85, 77]},
        index=pd.Index(["Deck", "Engine", "Galley"], name="Crew"),
    )
    add("roll-forward", frame, kind=ANY)

    frame = S.groupby(pd.cut(S["Late"], [-1, 2, 5, 10, 30]))[["Passengers"]].agg(["sum", "count"])
    frame.columns = ["Passengers", "Sailings"]
    frame.index = pd.Index([str(one) for one in frame.index], name="Late")
    add("intervals", frame, columnKinds=["count", "count"])

    frame = S.groupby("Season")[["Fares", "Cost"]].quantile([0.25, 0.5, 0.75]).round(2)
    frame.index = frame.index.set_levels(["0.25", "0.50", "0.75"], level=1).rename(["Season", "Quantile"])
    add("quantiles", frame, columnKinds=["sum|value|statistic"] * 2)

    frame = pd.pivot_table(S[S["Vessel"] != "Whimbrel"], index="Route", columns=["Vessel", "Season"], values="Vehicles", aggfunc="sum")
    add("two-over", frame, kind="count|value")

    frame = V.groupby("Ticket")[["Comfort", "Trust"]].agg(["mean", "sem"]).round(3)
    add("errors-across", frame, columnKinds=["mean", "error"] * 2)
    return all_shapes
