"""Made-up records of Marram Sound, and the truth that is written down beside each printed table.

Development only: the build reads the frozen files in src/test/resources/corpus and none of these scripts.
"""

import json
import math
import pathlib
import random

import numpy as np
import pandas as pd

ROOT = pathlib.Path(__file__).resolve().parent.parent / "resources" / "corpus"
ROUTES = ["Hale–Orrin", "Orrin–Skell", "Skell–Tamsay", "Hale–Tamsay"]
SEASONS = ["Spring", "Summer", "Winter"]
VESSELS = ["Sandpiper", "Turnstone", "Whimbrel"]
TICKETS = ["Single", "Return", "Pass"]


def sailings(count=900, seed=14):
    draw = random.Random(seed)
    rows = []
    for _ in range(count):
        route = draw.choice(ROUTES)
        season = draw.choice(SEASONS)
        passengers = draw.randint(12, 240)
        cost = round(draw.uniform(380, 1900), 2)
        rows.append(
            dict(
                Route=route,
                Season=season,
                Vessel=draw.choice(VESSELS),
                Year=draw.choice([2023, 2024, 2025]),
                Passengers=passengers,
                Vehicles=passengers // draw.randint(3, 9),
                Fares=round(passengers * draw.uniform(3.2, 11.4), 2),
                Cost=cost,
                Late=round(max(0, draw.gauss(6, 4)), 1),
            )
        )
    return pd.DataFrame(rows)


def survey(count=420, seed=41):
    draw = random.Random(seed)
    rows = []
    for _ in range(count):
        waits = max(1, round(draw.gauss(21, 8), 1))
        comfort = min(5, max(1, round(5.2 - waits / 12 + draw.gauss(0, 0.8))))
        trust = min(5, max(1, round(comfort * 0.6 + 1.2 + draw.gauss(0, 0.7))))
        rows.append(
            dict(
                Age=draw.choice(["16–29", "30–44", "45–64", "65+"]),
                Sex=draw.choice(["F", "M"]),
                Residence=draw.choice(["Islander", "Visitor"]),
                Ticket=draw.choice(TICKETS),
                Wait=waits,
                Comfort=comfort,
                Trust=trust,
                Crowding=draw.randint(1, 5),
                Again=1 if draw.random() < 0.2 + 0.12 * trust else 0,
            )
        )
    return pd.DataFrame(rows)


def plain(value):
    """A figure as the truth keeps it: a number, a text, or nothing."""
    if value is None:
        return None
    if isinstance(value, (np.integer, int)) and not isinstance(value, bool):
        return int(value)
    if isinstance(value, (np.floating, float)):
        return None if math.isnan(value) else float(value)
    return str(value)


def path(label):
    labels = list(label) if isinstance(label, tuple) else [label]
    return [str(one) for one in labels if str(one) != ""]


class Truth:
    """The truth of one folder of files."""

    def __init__(self, folder):
        self.folder = ROOT / folder
        self.folder.mkdir(parents=True, exist_ok=True)
        self.files = {}

    def write(self, name, text, *tables, encoding="utf-8"):
        (self.folder / name).write_text(text, encoding=encoding)
        self.add(name, *tables)

    def add(self, name, *tables):
        self.files[name] = list(tables)

    def save(self):
        with open(self.folder / "truth.json", "w", encoding="utf-8") as out:
            out.write("{\n")
            for i, (name, tables) in enumerate(self.files.items()):
                out.write(json.dumps(name, ensure_ascii=False) + ": [\n")
                out.write(",\n".join(json.dumps(table, ensure_ascii=False) for table in tables))
                out.write("\n]" + ("," if i + 1 < len(self.files) else "") + "\n")
            out.write("}\n")


def table(rows, columns, figures, **more):
    """The truth of a table.

    rows, columns: the labels that lead to each line, outermost first, names of measures among them
    figures: a row of figures for each row
    more: title, number, units, source, notes, held, down, across (names of dimensions), rowRoles and columnRoles
    ({place: "subtotal" or "grand"}), columnKinds, rowKinds or kind, columnUnits or unit
    """
    return dict(
        rows=[path(row) for row in rows],
        columns=[path(column) for column in columns],
        figures=[[plain(one) for one in row] for row in figures],
        **more,
    )


def of_frame(frame, **more):
    """The truth of a data frame as it stands."""
    down = [name or "" for name in frame.index.names]
    across = [name or "" for name in frame.columns.names]
    return table(
        list(frame.index),
        list(frame.columns),
        frame.values.tolist() if frame.dtypes.nunique() == 1 else [list(row) for row in frame.itertuples(index=False)],
        **{**dict(down=down, across=across), **more},
    )
