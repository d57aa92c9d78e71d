// A table and its rows.
class Sheet {
  constructor(element, board) {
    this.element = element;
    this.board = board;
    this.table = element.querySelector("table");
    this.box = element.querySelector(".table-box");
    this.body = this.table.tBodies[0];
    this.info = read(element, "about");
    this.rows = [...this.body.rows].map((tr) => Row.of(tr, this));
    const more = read(element, "rows");
    if (more) { this.unpack(more); }
    this.rows.forEach((row, at) => { row.came = at; });
    this.ordered = this.rows;
    this.list = this.rows;
    this.from = 0;
    this.to = 0;
    this.lasting = null;
    this.height = 0;
    this.cards = board.section.classList.contains("cards");
    if (this.cards) { this.say(); }
    this.findGroups();
    this.heads();
    this.point();
    this.box.addEventListener("scroll", () => { requestAnimationFrame(() => this.follow()); });
  }

  unpack({ rows, forms }) {
    let path = this.rows.length ? this.rows.at(-1).path : [];
    for (const [form, shared, labels, ...cells] of rows) {
      path = [...path.slice(0, shared), ...labels];
      this.rows.push(Row.from(forms[form], path, cells, this));
    }
  }

  // Cards are no table to the browser; the roles say that they are.
  say() {
    this.table.setAttribute("role", "table");
    if (this.table.tHead) { [...this.table.tHead.rows].forEach((row) => this.sayRow(row)); }
  }

  sayRow(tr) {
    tr.setAttribute("role", "row");
    for (const cell of tr.cells) {
      cell.setAttribute("role", cell.tagName === "TD" ? "cell" : tr.parentNode === this.table.tHead ? "columnheader" : "rowheader");
      const column = this.info.columns[Number(cell.dataset.at) - this.info.stub];
      if (cell.tagName === "TD" && column && !tr.closest("thead")) { cell.dataset.head = column.heads.join(", "); }
    }
  }

  // Heads sort: up, down, as it came.
  heads() {
    const board = this.board;
    for (const th of this.table.tHead ? this.table.tHead.querySelectorAll("[data-c]") : []) {
      const column = Number(th.dataset.c);
      const press = make("button", "sorts");
      press.type = "button";
      press.append(...th.childNodes);
      if (press.textContent.trim() === "") {
        const at = column - this.info.stub;
        press.setAttribute("aria-label", "Sort by " + (at < 0 ? this.info.stubHeads[column] || "column " + (column + 1)
          : this.info.columns[at].heads.join(", ")));
      }
      th.append(press);
      press.addEventListener("click", () => {
        const way = board.sorted.column !== column ? 1 : board.sorted.way === 1 ? -1 : 0;
        board.sort(way === 0 ? -1 : column, way);
      });
    }
  }

  // Groups are what several rows share.
  findGroups() {
    const count = new Map();
    for (const row of this.rows) {
      for (const key of row.keys) { count.set(key, (count.get(key) || 0) + 1); }
    }
    this.groups = new Set([...count].filter(([, rows]) => rows > 1).map(([key]) => key));
  }

  order({ column, way }) {
    for (const th of this.table.querySelectorAll("thead [data-c]")) {
      const here = Number(th.dataset.c) === column;
      if (here) { th.setAttribute("aria-sort", way > 0 ? "ascending" : "descending"); }
      else { th.removeAttribute("aria-sort"); }
    }
    const asked = column + (way > 0 ? "u" : "d");
    if (asked !== this.asked) {
      this.ordered = column < 0 ? this.rows : ordered(this.rows, 0, column, way);
      this.asked = asked;
    }
  }

  // What is in sight: what is found, and not folded.
  pick(sought, folded) {
    const wanted = sought.trim().toLowerCase();
    let found = 0;
    const names = new Set();
    for (const row of this.rows) {
      row.fits = wanted === "" || row.text.includes(wanted);
      if (row.fits) {
        found += row.role === "h" ? 0 : 1;
        if (wanted) { row.keys.forEach((key) => names.add(key)); }
      }
    }
    this.list = this.ordered.filter((row) => {
      const heads = row.role === "h" && names.has(row.keys.at(-1));
      return (row.fits || heads) && (folded.size === 0 || !row.isFolded(folded));
    });
    return found;
  }

  // Puts rows of the list into the table; of very many only those near the reader.
  fill(from, to) {
    const last = this.list[to - 1];
    this.start = from;
    this.end = to;
    this.windowed = to - from > MANY && !this.board.printing;
    this.lasting = this.windowed && last && last.role === "g" ? last : null;
    this.element.classList.toggle("long", this.windowed);
    this.from = this.to = -1;
    this.columns();
    if (!this.windowed) {
      this.put(from, to);
      return;
    }
    this.follow();
    this.measure();
  }

  // Widths stay while rows come and go.
  measure() {
    const cells = [...this.body.querySelectorAll("tr:not(.spacer)")].flatMap((tr) => [...tr.cells]);
    const cols = [...this.table.querySelectorAll("col")];
    if (this.measured || cells.length === 0) { return; }
    this.measured = true;
    const widths = cols.map((col, at) => Math.max(0, ...cells.filter((cell) => Number(cell.dataset.at) === at
      && cell.colSpan === 1).map((cell) => cell.getBoundingClientRect().width)));
    cols.forEach((col, at) => { if (widths[at]) { col.style.width = Math.ceil(widths[at]) + "px"; } });
    this.table.style.tableLayout = "fixed";
  }

  follow() {
    if (!this.windowed) { return; }
    const height = this.height || 20;
    const above = Math.max(0, this.box.getBoundingClientRect().top - this.body.getBoundingClientRect().top);
    const first = this.start + Math.floor(above / height);
    const shown = Math.ceil(this.box.clientHeight / height);
    const from = Math.max(this.start, first - AROUND);
    const to = Math.min(this.end, first + shown + AROUND);
    const near = this.from >= 0 && first - AROUND / 2 >= this.from - (this.from === this.start ? AROUND : 0)
      && first + shown + AROUND / 2 <= this.to + (this.to === this.end ? 1e9 : 0);
    if (!near) { this.put(from, Math.max(to, Math.min(this.end, from + 2 * AROUND))); }
  }

  put(from, to) {
    const focused = this.body.contains(document.activeElement) ? place(document.activeElement) : null;
    this.from = from;
    this.to = to;
    const part = this.list.slice(from, to).filter((row) => row !== this.lasting);
    const trs = part.map((row) => row.tr);
    const spacers = [];
    if (this.windowed) {
      const left = this.end - to;
      spacers.push(this.spacer((from - this.start) * this.height), this.spacer(left * this.height));
    }
    this.body.replaceChildren(...spacers.slice(0, 1), ...trs, ...spacers.slice(1),
      ...(this.lasting ? [this.lasting.tr] : []));
    this.body.style.counterReset = "row " + from;
    let before = from > this.start ? this.list[from - 1] : null;
    for (const row of part) {
      for (const cell of row.again) {
        const level = Number(cell.dataset.again);
        cell.classList.toggle("again", Boolean(before) && before !== null && row.tr !== trs[0] && before.keys[level] === row.keys[level]);
      }
      for (const press of row.folds) {
        press.setAttribute("aria-expanded", String(!this.board.folded.has(press.dataset.key)));
      }
      before = row;
    }
    if (this.windowed) {
      this.table.setAttribute("aria-rowcount", this.end - this.start + (this.table.tHead ? this.table.tHead.rows.length : 0));
      part.forEach((row, at) => row.tr.setAttribute("aria-rowindex", from - this.start + at + 2));
      const height = trs.length ? trs.reduce((all, tr) => all + tr.offsetHeight, 0) / trs.length : 20;
      if (!this.height) {
        this.height = height;
        this.put(from, to);
      }
    }
    this.reachable();
    if (focused) {
      const row = this.list.find((one) => one.came === focused.row);
      const cell = row && row.made && this.body.contains(row.tr) && row.cell(focused.at);
      if (cell) { cell.focus({ preventScroll: true }); }
    }
  }

  spacer(height) {
    const tr = make("tr", "spacer");
    tr.setAttribute("aria-hidden", "true");
    const td = make("td");
    td.colSpan = this.info.stub + this.info.columns.length;
    td.style.height = Math.round(height) + "px";
    tr.append(td);
    return tr;
  }

  // One figure is reached by Tab; from there arrows lead to the others.
  reachable() {
    if (!this.body.querySelector("td[tabindex='0']")) {
      const first = this.body.querySelector("td[data-at]");
      if (first) { first.tabIndex = 0; }
    }
  }

  // Columns in and out of sight; spanners shrink.
  columns() {
    const hidden = [...this.board.hidden].sort().join();
    if (hidden === (this.columnsHidden || "")) { return; }
    this.columnsHidden = hidden;
    if (this.table.tHead) { [...this.table.tHead.rows].forEach((tr) => this.trim(tr)); }
    this.rows.filter((row) => row.made).forEach((row) => this.trim(row.tr));
    [...this.table.querySelectorAll("col")].forEach((col, at) => {
      col.classList.toggle("gone", this.board.hidden.has(at - this.info.stub));
    });
  }

  trim(tr) {
    for (const cell of tr.cells) {
      const first = Number(cell.dataset.at);
      const span = Number(cell.dataset.span || 1);
      const left = [...Array(span).keys()].filter((i) => !this.board.hidden.has(first + i - this.info.stub)).length;
      cell.hidden = left === 0;
      if (span > 1) { cell.colSpan = Math.max(1, left); }
    }
  }

  // What lies behind a figure.
  point() {
    const at = (cell) => { tell(cell, () => this.behind(cell)); };
    const cell = (event) => event.target.closest("td[data-at]");
    this.body.addEventListener("pointerover", (event) => at(cell(event)));
    this.body.addEventListener("pointerleave", () => at(null));
    this.body.addEventListener("focusin", (event) => at(cell(event)));
    this.body.addEventListener("focusout", () => at(null));
    this.body.addEventListener("keydown", (event) => this.walk(event));
  }

  walk(event) {
    const cell = event.target.closest("td[data-at]");
    const to = {
      ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0],
    }[event.key];
    if (!cell || !to) { return; }
    event.preventDefault();
    const { row: came, at } = place(cell);
    let here = this.list.findIndex((row) => row.came === came);
    let next = null;
    if (to[0] === 0) {
      const cells = [...cell.parentNode.querySelectorAll("td[data-at]")].filter((one) => !one.hidden);
      next = cells[cells.indexOf(cell) + to[1]];
    }
    while (to[0] !== 0 && !next) {
      here += to[0];
      const row = this.list[here];
      if (!row || here < this.start || here >= this.end) { break; }
      this.reveal(here);
      next = row.cell(at);
    }
    if (next) {
      cell.tabIndex = -1;
      next.tabIndex = 0;
      next.focus();
    }
  }

  // Brings a row of the list into the table.
  reveal(at) {
    const row = this.list[at];
    if (this.windowed && row !== this.lasting && (at < this.from || at >= this.to)) {
      this.put(Math.max(this.start, at - 2 * AROUND), Math.min(this.end, at + 2 * AROUND));
    }
  }

  behind(cell) {
    const row = this.rows[place(cell).row];
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
      line("Value", row.textAt(at + this.info.stub) || "none");
    } else {
      line("Value", number(value) + (column.unit ? " " + column.unit : ""));
      for (const other of column.beside || []) {
        const text = row.textAt(other + this.info.stub);
        if (text) { line(this.info.columns[other].heads.at(-1), text); }
      }
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
      let peers = 0;
      let above = 0;
      for (const one of this.rows) {
        if (one.role === row.role && one.path.length === row.path.length && one.value(at) !== null) {
          peers++;
          above += one.value(at) > value ? 1 : 0;
        }
      }
      if (peers > 2) { line("Rank", above + 1 + " of " + peers); }
      if (column.before >= 0 && row.value(column.before) !== null) {
        const change = value - row.value(column.before);
        line("Against " + this.info.columns[column.before].heads.join(" › "),
          (change > 0 ? "+" : "") + number(Number(change.toPrecision(12))));
      }
    }
    const behind = row.cells.get(Number(cell.dataset.at)) || {};
    for (const hit of (behind.hits || "").split(",").filter(Boolean)) {
      const one = this.info.highlights[Number(hit)];
      if (one) { line("Highlighted", one.title === one.why ? one.why : one.title + ": " + one.why); }
    }
    for (const mark of (behind.notes || "").split(",").filter(Boolean)) {
      if (this.info.notes[mark]) { line(mark, this.info.notes[mark]); }
    }
    return lines;
  }

  // The rows in sight with exact values, under one row of heads.
  grid() {
    const width = this.info.stub + this.info.columns.length;
    const seen = (cells) => cells.filter((one, at) => !this.board.hidden.has(at - this.info.stub));
    const head = [...this.info.stubHeads, ...this.info.columns.map((one) => one.heads.join(" "))];
    const body = this.list.map((row) => [...Array(width).keys()].map((at) => {
      const value = row.at(at);
      return value === null ? row.textAt(at) : plain(value);
    }));
    return [seen(head), ...body.map(seen)];
  }

  // The number that a text says, if it says one.
  numberOf(text, at) {
    if (at < this.info.stub) { return null; }
    const { point, grouping } = this.info;
    const bare = (grouping ? text.replaceAll(grouping, "") : text).replace(point, ".").replace("−", "-");
    return /^-?\d*\.?\d+$/.test(bare) ? Number(bare) : null;
  }
}
