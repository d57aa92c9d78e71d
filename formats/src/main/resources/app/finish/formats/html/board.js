"use strict";
// What a reader does with a board: sort, find, fold, hide, point, copy. Everything is in the page.
(() => {
  const said = document.getElementById("said");
  const announce = (text) => { said.textContent = text; };
  const boards = [];

  class Board {
    constructor(section) {
      this.section = section;
      this.id = section.id;
      this.table = section.querySelector("table");
      this.body = this.table.tBodies[0];
      this.info = JSON.parse(section.querySelector("script[type='application/json']").textContent);
      this.rows = [...this.body.rows].map((tr, at) => new Row(tr, at, this.info));
      this.sorted = { column: -1, way: 0 };
      this.folded = new Set();
      this.hidden = new Set();
      this.sought = "";
      this.bar();
      this.heads();
      this.groups();
      this.point();
    }

    // The tools above the table.
    bar() {
      const bar = make("div", "tools");
      bar.setAttribute("role", "toolbar");
      bar.setAttribute("aria-label", "Tools for " + this.info.name);
      this.find = make("input", "find");
      this.find.type = "search";
      this.find.placeholder = "Find rows";
      this.find.setAttribute("aria-label", "Find rows in " + this.info.name);
      this.find.addEventListener("input", () => { this.sought = this.find.value; this.show(true); });
      const columns = make("details", "columns");
      const summary = make("summary");
      summary.textContent = "Columns";
      const list = make("div", "column-list");
      this.info.columns.forEach((column, at) => {
        const label = make("label");
        const box = make("input");
        box.type = "checkbox";
        box.checked = true;
        box.dataset.column = at;
        box.addEventListener("change", () => this.hide(at, !box.checked));
        label.append(box, " " + column.heads.join(", "));
        list.append(label);
      });
      columns.append(summary, list);
      bar.append(this.find, columns,
        button("As it came", () => this.sort(-1, 0)),
        button("Fold all", () => this.foldAll()),
        this.numbers = button("Row numbers", () => this.number(!this.isNumbered(), true)),
        button("Copy", () => this.copy()),
        button("CSV", () => this.csv()));
      this.section.insertBefore(bar, this.section.querySelector(".table-box"));
      this.number(false, false);
    }

    // Heads sort: up, down, as it came.
    heads() {
      for (const th of this.table.tHead ? this.table.tHead.querySelectorAll("[data-c]") : []) {
        const press = make("button", "sorts");
        press.type = "button";
        press.append(...th.childNodes);
        if (press.textContent.trim() === "") {
          press.setAttribute("aria-label", "Sort by " + this.headOf(Number(th.dataset.c)));
        }
        th.append(press);
        press.addEventListener("click", () => {
          const column = Number(th.dataset.c);
          const way = this.sorted.column !== column ? 1 : this.sorted.way === 1 ? -1 : 0;
          this.sort(way === 0 ? -1 : column, way);
        });
      }
    }

    sort(column, way) {
      this.sorted = { column, way };
      for (const th of this.table.querySelectorAll("[data-c]")) {
        const here = Number(th.dataset.c) === column;
        if (here) { th.setAttribute("aria-sort", way > 0 ? "ascending" : "descending"); }
        else { th.removeAttribute("aria-sort"); }
      }
      const order = column < 0 ? this.rows : ordered(this.rows, 0, column, way);
      this.body.append(...order.map((row) => row.tr));
      this.show(false);
      const head = column < 0 ? "" : this.headOf(column);
      announce(column < 0 ? this.info.name + ": as it came"
        : this.info.name + ": sorted by " + head + (way > 0 ? ", ascending" : ", descending"));
      remember();
    }

    headOf(column) {
      const at = column - this.info.stub;
      return at < 0 ? this.info.stubHeads[column] || "column " + (column + 1)
        : this.info.columns[at].heads.join(", ");
    }

    // Groups fold by the button on their name, which stands in each row of the group and is seen in
    // the first.
    groups() {
      const count = new Map();
      for (const row of this.rows) {
        row.path.forEach((label, level) => {
          const key = row.key(level);
          count.set(key, (count.get(key) || 0) + 1);
        });
      }
      for (const row of this.rows) {
        for (let level = 0; level < row.path.length; level++) {
          const key = row.key(level);
          const cell = row.labelCell(level);
          if (cell && count.get(key) > 1 && !cell.querySelector(".folds")) {
            const press = make("button", "folds");
            press.type = "button";
            press.setAttribute("aria-expanded", "true");
            press.setAttribute("aria-label", "Fold " + row.path[level]);
            press.dataset.key = key;
            press.addEventListener("click", () => this.fold(key, !this.folded.has(key)));
            cell.prepend(press);
          }
        }
      }
    }

    fold(key, folded) {
      if (folded) { this.folded.add(key); } else { this.folded.delete(key); }
      for (const press of this.table.querySelectorAll(".folds")) {
        press.setAttribute("aria-expanded", String(!this.folded.has(press.dataset.key)));
      }
      this.show(false);
      announce(key.split("\u0001").at(-1) + (folded ? " folded" : " unfolded"));
      remember();
    }

    foldAll() {
      const all = [...this.table.querySelectorAll(".folds")].map((one) => one.dataset.key);
      const keys = [...new Set(all)];
      const fold = keys.some((key) => !this.folded.has(key));
      keys.forEach((key) => this.fold(key, fold));
    }

    hide(at, hidden) {
      if (hidden) { this.hidden.add(at); } else { this.hidden.delete(at); }
      const column = at + this.info.stub;
      for (const row of this.table.rows) {
        for (const cell of row.cells) {
          const first = Number(cell.dataset.at);
          const span = Number(cell.dataset.span || 1);
          if (!(column >= first && column < first + span)) { continue; }
          const left = [...Array(span).keys()]
            .filter((i) => !this.hidden.has(first + i - this.info.stub)).length;
          cell.hidden = left === 0;
          if (span > 1) { cell.colSpan = Math.max(1, left); }
        }
      }
      const cols = this.table.querySelectorAll("col");
      if (cols[column]) { cols[column].classList.toggle("gone", hidden); }
      announce(this.info.columns[at].heads.join(", ") + (hidden ? " hidden" : " shown"));
      remember();
    }

    // What is shown: what is found, and not folded. Of a label that comes again only the first
    // stays in sight.
    show(tell) {
      const wanted = this.sought.trim().toLowerCase();
      let found = 0;
      const groups = new Set();
      for (const row of this.rows) {
        row.fits = wanted === "" || row.text.includes(wanted);
        if (row.fits) {
          found += row.role === "h" ? 0 : 1;
          row.path.forEach((label, level) => groups.add(row.key(level)));
        }
      }
      let before = null;
      for (const tr of this.body.rows) {
        const row = this.rows[Number(tr.dataset.row)];
        const heads = row.role === "h" && groups.has(row.key(row.path.length - 1));
        const folded = [...this.folded].some((key) => row.isUnder(key) && !row.stands(key));
        tr.hidden = !(row.fits || heads) || folded;
        if (!tr.hidden) {
          for (const cell of tr.querySelectorAll("[data-again]")) {
            const level = Number(cell.dataset.again);
            const same = before && before.key(level) === row.key(level);
            cell.classList.toggle("again", Boolean(same));
          }
          before = row;
        }
      }
      if (tell) {
        announce(found + " rows found");
        remember();
      }
    }

    // What lies behind a figure.
    point() {
      const at = (cell) => { tell(cell, () => this.behind(cell)); };
      this.body.addEventListener("pointerover", (event) => at(event.target.closest("td[data-at]")));
      this.body.addEventListener("pointerleave", () => at(null));
      this.body.addEventListener("focusin", (event) => at(event.target.closest("td[data-at]")));
      this.body.addEventListener("focusout", () => at(null));
      this.body.addEventListener("keydown", (event) => this.walk(event));
      const first = this.body.querySelector("td[data-at]");
      if (first) { first.tabIndex = 0; }
    }

    walk(event) {
      const cell = event.target.closest("td[data-at]");
      const to = {
        ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0],
      }[event.key];
      if (!cell || !to) { return; }
      event.preventDefault();
      const rows = [...this.body.rows].filter((tr) => !tr.hidden && tr.querySelector("td[data-at]"));
      const row = rows[rows.indexOf(cell.parentNode) + to[0]];
      if (!row) { return; }
      const cells = [...row.querySelectorAll("td[data-at]")].filter((one) => !one.hidden);
      const here = Number(cell.dataset.at);
      const next = to[1] === 0 ? cells.find((one) => Number(one.dataset.at) === here)
        : cells[cells.indexOf(cell) + to[1]];
      if (next) {
        cell.tabIndex = -1;
        next.tabIndex = 0;
        next.focus();
      }
    }

    behind(cell) {
      const row = this.rows[Number(cell.parentNode.dataset.row)];
      const at = Number(cell.dataset.at) - this.info.stub;
      const column = this.info.columns[at];
      const lines = [];
      const line = (name, value) => {
        const one = make("div");
        const strong = make("b");
        strong.textContent = name;
        one.append(strong, " " + value);
        lines.push(one);
      };
      const value = row.value(at);
      line(row.path.join(" › "), column.heads.join(" › "));
      if (value === null) {
        line("Value", cell.textContent.trim() || "none");
      } else {
        line("Value", number(value) + (column.unit ? " " + column.unit : ""));
        if (column.adds) {
          const grand = this.rows.find((one) => one.role === "g" && one.value(at) !== null);
          const group = this.rows.find((one) => one.role === "s" && one !== row
            && one.path.length > 1 && row.path.length >= one.path.length
            && one.path.slice(0, -1).every((label, i) => label === row.path[i]));
          const across = this.info.columns.findIndex((one) => one.total && one.measure === column.measure);
          share(line, "Of the column", value, grand && grand !== row ? grand.value(at) : null);
          share(line, "Of its group", value, group ? group.value(at) : null);
          share(line, "Of the row", value, across >= 0 && across !== at ? row.value(across) : null);
        }
        const peers = this.rows.filter((one) => one.role === row.role && one.value(at) !== null
          && one.path.length === row.path.length);
        if (peers.length > 2) {
          const rank = peers.filter((one) => one.value(at) > value).length + 1;
          line("Rank", rank + " of " + peers.length);
        }
        if (column.before >= 0 && row.value(column.before) !== null) {
          const change = value - row.value(column.before);
          line("Against " + this.info.columns[column.before].heads.join(" › "),
            (change > 0 ? "+" : "") + number(Number(change.toPrecision(12))));
        }
      }
      for (const mark of (cell.dataset.n || "").split(",").filter(Boolean)) {
        if (this.info.notes[mark]) { line(mark, this.info.notes[mark]); }
      }
      return lines;
    }

    grid() {
      const cells = (tr) => {
        const out = Array(this.info.stub + this.info.columns.length).fill("");
        for (const cell of tr.cells) {
          const value = cell.dataset.v;
          out[Number(cell.dataset.at)] = value !== undefined ? value : cell.textContent.trim();
        }
        return out.filter((one, at) => !this.hidden.has(at - this.info.stub));
      };
      const head = [...this.info.stubHeads, ...this.info.columns.map((one) => one.heads.join(" "))]
        .filter((one, at) => !this.hidden.has(at - this.info.stub));
      return [head, ...[...this.body.rows].filter((tr) => !tr.hidden).map(cells)];
    }

    copy() {
      const text = this.grid().map((row) => row.map(inert).join("\t")).join("\n");
      const done = () => announce(this.info.name + " copied");
      if (navigator.clipboard && window.isSecureContext) {
        navigator.clipboard.writeText(text).then(done, () => announce("The browser let nothing be copied"));
      } else {
        const field = make("textarea", "aside");
        field.value = text;
        document.body.append(field);
        field.select();
        document.execCommand("copy");
        field.remove();
        done();
      }
    }

    csv() {
      const quoted = (text) => (/[",\n]/.test(text) ? "\"" + text.replaceAll("\"", "\"\"") + "\"" : text);
      const text = this.grid().map((row) => row.map((one) => quoted(inert(one))).join(",")).join("\r\n");
      const link = make("a");
      link.href = URL.createObjectURL(new Blob(["\uFEFF" + text], { type: "text/csv" }));
      link.download = this.info.name.replace(/[^\p{L}\p{N} ._-]/gu, "") + ".csv";
      link.click();
      URL.revokeObjectURL(link.href);
      announce(this.info.name + " taken as CSV");
    }

    // Numbers before the rows that are in sight.
    number(on, tell) {
      this.table.classList.toggle("numbered", on);
      this.numbers.setAttribute("aria-pressed", String(on));
      if (tell) {
        announce(on ? "Rows are numbered" : "Rows are not numbered");
        remember();
      }
    }

    isNumbered() {
      return this.table.classList.contains("numbered");
    }

    state() {
      const parts = [];
      if (this.sorted.column >= 0) {
        parts.push("sort=" + this.sorted.column + (this.sorted.way > 0 ? "u" : "d"));
      }
      if (this.sought) { parts.push("find=" + encodeURIComponent(this.sought)); }
      if (this.hidden.size) { parts.push("hide=" + [...this.hidden].join(".")); }
      if (this.folded.size) {
        parts.push("fold=" + [...this.folded].map(encodeURIComponent).join("."));
      }
      if (this.isNumbered()) { parts.push("numbers=1"); }
      return parts.length ? this.id + ":" + parts.join("&") : "";
    }

    restore(text) {
      for (const part of text.split("&")) {
        const [name, value] = [part.slice(0, part.indexOf("=")), part.slice(part.indexOf("=") + 1)];
        if (name === "find") {
          this.find.value = decodeURIComponent(value);
          this.sought = this.find.value;
        } else if (name === "hide") {
          for (const at of value.split(".").map(Number).filter((one) => this.info.columns[one])) {
            this.section.querySelector("[data-column='" + at + "']").checked = false;
            this.hide(at, true);
          }
        } else if (name === "numbers") {
          this.number(true, false);
        } else if (name === "fold") {
          value.split(".").map(decodeURIComponent).forEach((key) => this.fold(key, true));
        } else if (name === "sort" && /^\d+[ud]$/.test(value)) {
          this.sort(parseInt(value, 10), value.endsWith("u") ? 1 : -1);
        }
      }
      this.show(false);
    }
  }

  class Row {
    constructor(tr, at, info) {
      this.tr = tr;
      this.info = info;
      this.path = JSON.parse(tr.dataset.p);
      this.role = tr.dataset.r;
      this.text = (this.path.join(" ") + " " + tr.textContent).toLowerCase();
      this.fits = true;
      tr.dataset.row = at;
      this.values = new Map();
      for (const cell of tr.cells) {
        if (cell.dataset.v !== undefined) { this.values.set(Number(cell.dataset.at), Number(cell.dataset.v)); }
      }
    }

    value(column) { return this.at(column + this.info.stub); }
    at(column) { return this.values.has(column) ? this.values.get(column) : null; }
    key(level) { return this.path.slice(0, level + 1).join("\u0001"); }
    isUnder(key) { return (this.key(this.path.length - 1) + "\u0001").startsWith(key + "\u0001"); }

    // What stays of a folded group: its name, and its total.
    stands(key) {
      const depth = key.split("\u0001").length;
      return this.path.length === depth || (this.role === "s" && this.path.length === depth + 1);
    }

    labelCell(level) {
      return this.tr.querySelector("[data-level='" + level + "']");
    }
  }

  // Rows in order of a column: groups by their totals, rows within their group; totals stay at the
  // edge where they stand.
  function ordered(rows, level, column, way) {
    const blocks = [];
    for (const row of rows) {
      const key = row.key(level);
      const last = blocks.at(-1);
      if (last && last.key === key && row.path.length > level) { last.rows.push(row); }
      else { blocks.push({ key, rows: [row], at: blocks.length }); }
    }
    const fixed = (block) => block.rows.length === 1 && block.rows[0].path.length <= level + 1
      && block.rows[0].role !== "m";
    const lead = [];
    while (blocks.length && fixed(blocks[0])) { lead.push(blocks.shift()); }
    const foot = [];
    while (blocks.length && fixed(blocks.at(-1))) { foot.unshift(blocks.pop()); }
    for (const block of blocks) {
      block.value = ofBlock(block.rows, level, column);
      if (block.rows.length > 1) {
        const own = block.rows.filter((row) => row.path.length <= level + 1);
        const rest = block.rows.filter((row) => row.path.length > level + 1);
        const first = rest.length && block.rows.indexOf(rest[0]) < own.length ? [] : own;
        const ordered2 = ordered(rest, level + 1, column, way);
        const heads = own.filter((row) => block.rows.indexOf(row) === 0);
        const tail = own.filter((row) => block.rows.indexOf(row) !== 0);
        block.rows = first.length ? [...heads, ...ordered2, ...tail] : [...ordered2, ...own];
      }
    }
    blocks.sort((a, b) => compare(a, b, way));
    return [...lead, ...blocks, ...foot].flatMap((block) => block.rows);
  }

  function ofBlock(rows, level, column) {
    const total = rows.find((row) => row.role === "s" && row.path.length <= level + 2 && row.at(column) !== null);
    if (rows.length > 1 && total) { return total.at(column); }
    if (rows[0].values.size === 0 || column < rows[0].info.stub) {
      return column < rows[0].info.stub ? rows[0].path[Math.min(level, rows[0].path.length - 1)]
        : sum(rows, column);
    }
    return rows.length === 1 ? rows[0].at(column) : sum(rows, column);
  }

  function sum(rows, column) {
    const members = rows.filter((row) => row.role === "m" && row.at(column) !== null);
    return members.length ? members.reduce((all, row) => all + row.at(column), 0) : null;
  }

  function compare(a, b, way) {
    if (a.value === null || b.value === null) {
      return a.value === b.value ? a.at - b.at : a.value === null ? 1 : -1;
    }
    const order = typeof a.value === "string"
      ? String(a.value).localeCompare(String(b.value), undefined, { numeric: true })
      : a.value - b.value;
    return order === 0 ? a.at - b.at : order * way;
  }

  function share(line, name, value, whole) {
    if (whole) { line(name, number(Number((value / whole * 100).toFixed(1))) + " %"); }
  }

  const number = (value) => value.toLocaleString(document.documentElement.lang, { maximumFractionDigits: 12 });
  const inert = (text) => (/^[=+@\t\r]|^-(?![\d.])/.test(text) ? "'" + text : text);

  function make(tag, name) {
    const element = document.createElement(tag);
    if (name) { element.className = name; }
    return element;
  }

  function button(name, does) {
    const press = make("button");
    press.type = "button";
    press.textContent = name;
    press.addEventListener("click", does);
    return press;
  }

  // Says beside an element what stands behind it; nothing without one.
  const tip = document.getElementById("tip");
  function tell(element, words) {
    tip.hidden = !element;
    if (!element) { return; }
    tip.replaceChildren(...words());
    const box = element.getBoundingClientRect();
    const left = Math.min(box.left, document.documentElement.clientWidth - tip.offsetWidth - 8);
    const below = box.bottom + tip.offsetHeight + 8 < window.innerHeight;
    place(tip, Math.max(4, left), below ? box.bottom + 4 : box.top - tip.offsetHeight - 4);
  }

  // The marks of a chart: pointed at, or walked through with the arrows.
  function chart(figure) {
    const spots = [...figure.querySelectorAll(".spot")];
    const at = (spot) => { tell(spot, () => [spot.getAttribute("aria-label")]); };
    const spot = (event) => event.target.closest(".spot");
    figure.addEventListener("pointerover", (event) => at(spot(event)));
    figure.addEventListener("pointerleave", () => at(null));
    figure.addEventListener("focusin", (event) => at(spot(event)));
    figure.addEventListener("focusout", () => at(null));
    figure.addEventListener("keydown", (event) => {
      const step = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[event.key];
      const next = step && spots[spots.indexOf(spot(event)) + step];
      if (next) {
        event.preventDefault();
        spot(event).setAttribute("tabindex", "-1");
        next.setAttribute("tabindex", "0");
        next.focus();
      }
    });
    if (spots.length > 0) { spots[0].setAttribute("tabindex", "0"); }
  }

  // The policy of the page lets no style attribute be written; the object model may.
  function place(element, left, top) {
    element.style.left = left + "px";
    element.style.top = top + "px";
  }

  let restoring = true;
  function remember() {
    if (!restoring) {
      const state = boards.map((board) => board.state()).filter(Boolean).join(";");
      history.replaceState(null, "", "#" + state);
    }
  }

  document.querySelectorAll(".chart").forEach(chart);
  for (const section of document.querySelectorAll("section.board")) { boards.push(new Board(section)); }
  for (const part of location.hash.slice(1).split(";")) {
    const at = part.indexOf(":");
    const board = boards.find((one) => one.id === part.slice(0, at));
    if (board) { board.restore(part.slice(at + 1)); }
  }
  restoring = false;
  boards.forEach((board) => board.show(false));
  said.textContent = "";
})();
