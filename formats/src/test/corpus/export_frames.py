"""Writes flat frames with their truth as JSON, for printers that run in Node."""

import json
import sys

from frames import shapes
from marram import plain

out = {}
for name in ["sums", "crosstab", "years", "named", "nested", "late", "roll-forward", "sexes", "describe-groups", "correlations"]:
    frame, fact = shapes()[name]
    flat = frame.reset_index()
    heads = [str(one) for one in flat.columns]
    rows = [[plain(one) for one in row] for row in flat.itertuples(index=False)]
    out[name] = dict(heads=heads, rows=rows, fact={**fact, "columns": [[one] for one in heads[frame.index.nlevels:]], "across": [""]})
json.dump(out, sys.stdout, ensure_ascii=False)
