"use strict";
// What a reader does with a board: sort, find, fold, hide, page, step through members, point, copy.
// Everything is in the page. A board has a sheet for each member at which its table is held; a sheet
// has rows; a row becomes elements when it comes in sight.
(() => {
  const said = document.getElementById("said");
  const announce = (text) => { said.textContent = text; };
  const boards = [];
  // With more rows than this in sight only those near the reader are elements.
  const MANY = 300;
  const AROUND = 25;

  class Board {
    constructor(section) {
      this.section = section;
      this.id = section.id;
      this.sheets = [...section.querySelectorAll(".sheet")].map((one) => new Sheet(one, this));
      this.at = Math.max(0, this.sheets.findIndex((one) => !one.element.hidden));
      this.cameAt = this.at;
      this.sorted = { column: -1, way: 0 };
      this.folded = new Set();
      this.hidden = new Set();
      this.sought = "";
      this.page = 0;
      this.printing = false;
      this.bar();
    }

    get sheet() { return this.sheets[this.at]; }
    get info() { return this.sheet.info; }

    // The tools above the table.
    bar() {
      const bar = make("div", "tools");
      bar.setAttribute("role", "toolbar");
      bar.setAttribute("aria-label", "Tools for " + this.info.name);
      this.find = make("input", "find");
      this.find.type = "search";
      this.find.placeholder = "Find rows";
      this.find.setAttribute("aria-label", "Find rows in " + this.info.name);
      this.find.addEventListener("input", () => {
        this.sought = this.find.value;
        this.page = 0;
        this.show(true);
      });
      this.columns = make("details", "columns");
      this.columns.addEventListener("keydown", (event) => {
        if (event.key === "Escape" && this.columns.open) {
          this.columns.open = false;
          this.columns.querySelector("summary").focus();
        }
      });
      bar.append(...this.members(), this.find, this.columns,
        button("As it came", () => this.sort(-1, 0)),
        button("Fold all", () => this.foldAll()),
        this.numbers = button("Row numbers", () => this.number(!this.isNumbered(), true)),
        button("Copy", () => this.copy()),
        button("CSV", () => this.csv()));
      bar.hidden = !this.info.tools;
      this.section.prepend(bar);
      this.listColumns();
      this.number(false, false);
      this.pager();
    }

    // A list of the members at which the table is held.
    members() {
      if (this.sheets.length < 2) { return []; }
      const of = this.sheet.element.dataset.of;
      const label = make("label", "members");
      this.list = make("select");
      this.sheets.forEach((sheet, at) => {
        const option = make("option");
        option.value = at;
        option.textContent = sheet.element.dataset.member;
        this.list.append(option);
      });
      this.list.value = this.at;
      this.list.addEventListener("change", () => this.step(Number(this.list.value)));
      if (of) { label.append(of + " "); } else { this.list.setAttribute("aria-label", "Held at"); }
      label.append(this.list);
      return [label];
    }

    step(at) {
      this.sheet.element.hidden = true;
      this.at = at;
      this.sheet.element.hidden = false;
      this.list.value = at;
      this.page = 0;
      this.listColumns();
      this.hidden.forEach((column) => {
        if (!this.info.columns[column]) { this.hidden.delete(column); }
      });
      if (this.sorted.column >= this.info.stub + this.info.columns.length) { this.sorted = { column: -1, way: 0 }; }
      this.number(this.numbers.getAttribute("aria-pressed") === "true", false);
      this.show(false);
      announce(this.info.name + ": " + this.sheet.element.dataset.member);
      remember();
    }

    listColumns() {
      const summary = make("summary");
      summary.textContent = "Columns";
      const list = make("div", "column-list");
      this.info.columns.forEach((column, at) => {
        const label = make("label");
        const box = make("input");
        box.type = "checkbox";
        box.checked = !this.hidden.has(at);
        box.dataset.column = at;
        box.addEventListener("change", () => this.hide(at, !box.checked));
        label.append(box, " " + column.heads.join(", "));
        list.append(label);
      });
      this.columns.replaceChildren(summary, list);
    }

    // Pages of rows, where the style asks for them.
    pager() {
      this.pages = make("div", "pages");
      this.earlier = button("Earlier rows", () => this.turn(this.page - 1));
      this.later = button("Later rows", () => this.turn(this.page + 1));
      this.range = make("span");
      this.pages.append(this.earlier, this.range, this.later);
      this.section.append(this.pages);
    }

    turn(page) {
      this.page = page;
      this.show(false);
      announce(this.range.textContent);
      remember();
    }

    sort(column, way) {
      this.sorted = { column, way };
      this.page = 0;
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

    fold(key, folded) {
      if (folded) { this.folded.add(key); } else { this.folded.delete(key); }
      this.show(false);
      announce(key.split("\u0001").at(-1) + (folded ? " folded" : " unfolded"));
      remember();
    }

    foldAll() {
      const keys = [...this.sheet.groups];
      const fold = keys.some((key) => !this.folded.has(key));
      this.folded = new Set(fold ? keys : []);
      this.show(false);
      announce(fold ? "All groups folded" : "All groups unfolded");
      remember();
    }

    hide(at, hidden) {
      if (hidden) { this.hidden.add(at); } else { this.hidden.delete(at); }
      this.show(false);
      announce(this.info.columns[at].heads.join(", ") + (hidden ? " hidden" : " shown"));
      remember();
    }

    show(tell) {
      this.sheet.order(this.sorted);
      const found = this.sheet.pick(this.sought, this.folded);
      const per = this.printing ? 0 : this.info.rowsAtOnce;
      const all = this.sheet.list.length;
      const last = per ? Math.max(0, Math.ceil(all / per) - 1) : 0;
      this.page = Math.min(this.page, last);
      const from = per ? this.page * per : 0;
      this.pages.hidden = last === 0;
      this.earlier.disabled = this.page === 0;
      this.later.disabled = this.page === last;
      this.range.textContent = "Rows " + (from + 1) + "–" + Math.min(all, from + (per || all)) + " of " + all;
      this.sheet.fill(from, per ? Math.min(all, from + per) : all);
      if (tell) {
        announce(found === 1 ? "1 row found" : found + " rows found");
        remember();
      }
    }

    copy() {
      const text = this.sheet.grid().map((row) => row.map(inert).join("\t")).join("\n");
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
      const text = this.sheet.grid().map((row) => row.map((one) => quoted(inert(one))).join(",")).join("\r\n");
      const link = make("a");
      link.href = URL.createObjectURL(new Blob(["\uFEFF" + text], { type: "text/csv" }));
      link.download = this.info.name.replace(/[^\p{L}\p{N} ._-]/gu, "") + ".csv";
      link.click();
      URL.revokeObjectURL(link.href);
      announce(this.info.name + " taken as CSV");
    }

    // Numbers before the rows that are in sight.
    number(on, tell) {
      this.sheet.table.classList.toggle("numbered", on);
      this.numbers.setAttribute("aria-pressed", String(on));
      if (tell) {
        announce(on ? "Rows are numbered" : "Rows are not numbered");
        remember();
      }
    }

    isNumbered() {
      return this.numbers.getAttribute("aria-pressed") === "true";
    }

    state() {
      const parts = [];
      if (this.at !== this.cameAt) { parts.push("held=" + this.at); }
      if (this.sorted.column >= 0) {
        parts.push("sort=" + this.sorted.column + (this.sorted.way > 0 ? "u" : "d"));
      }
      if (this.sought) { parts.push("find=" + encodeURIComponent(this.sought)); }
      if (this.hidden.size) { parts.push("hide=" + [...this.hidden].join(".")); }
      if (this.folded.size) {
        parts.push("fold=" + [...this.folded].map(coded).join("."));
      }
      if (this.isNumbered()) { parts.push("numbers=1"); }
      if (this.page) { parts.push("page=" + (this.page + 1)); }
      return parts.length ? this.id + ":" + parts.join("&") : "";
    }

    restore(text) {
      const asked = new Map(text.split("&").map((part) => {
        const at = part.indexOf("=");
        return [part.slice(0, at), part.slice(at + 1)];
      }));
      const held = Number(asked.get("held"));
      if (this.sheets[held]) { this.step(held); }
      this.find.value = this.sought = decoded(asked.get("find") || "");
      for (const at of (asked.get("hide") || "").split(".").filter(Boolean).map(Number)) {
        if (this.info.columns[at]) { this.hidden.add(at); }
      }
      this.listColumns();
      (asked.get("fold") || "").split(".").filter(Boolean).map(decoded)
        .filter((key) => this.sheet.groups.has(key)).forEach((key) => this.folded.add(key));
      if (asked.has("numbers")) { this.number(true, false); }
      const sort = asked.get("sort") || "";
      if (/^\d+[ud]$/.test(sort)) {
        this.sorted = { column: parseInt(sort, 10), way: sort.endsWith("u") ? 1 : -1 };
      }
      this.page = Math.max(0, (parseInt(asked.get("page"), 10) || 1) - 1);
    }
  }

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
      for (const at of (behind.hits || "").split(",").filter(Boolean)) {
        const one = this.info.highlights[Number(at)];
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
  }

  class Row {
    constructor(sheet, role, path) {
      this.sheet = sheet;
      this.role = role;
      this.path = path;
      this.cells = new Map();
      this.made = null;
      this.again = [];
      this.folds = [];
      this.keys = path.map((label, level) => path.slice(0, level + 1).join("\u0001"));
    }

    // From elements that are there.
    static of(tr, sheet) {
      const row = new Row(sheet, tr.dataset.r, JSON.parse(tr.dataset.p));
      for (const cell of tr.cells) {
        row.cells.set(Number(cell.dataset.at), {
          text: cell.textContent.trim(),
          value: cell.dataset.v === undefined ? null : Number(cell.dataset.v),
          notes: cell.dataset.n,
          hits: cell.dataset.h,
        });
      }
      row.waiting = tr;
      return row;
    }

    // From data.
    static from(form, path, cells, sheet) {
      const row = new Row(sheet, form[0], path);
      row.form = form;
      cells.forEach((cell, i) => {
        const [, , at, , level] = form[i + 1];
        const [text, exact, notes, hits, markup] = cell === 0 ? [path[level]] : Array.isArray(cell) ? cell : [cell];
        const value = exact ? Number(exact) : exact === undefined ? sheet.numberOf(text, at) : null;
        row.cells.set(at, { text, value, notes, hits, markup });
      });
      return row;
    }

    get text() {
      if (this.whole === undefined) {
        const texts = [...this.cells.values()].map((cell) => cell.text);
        this.whole = (this.path.join(" ") + " " + texts.join(" ")).toLowerCase();
      }
      return this.whole;
    }

    value(column) { return this.at(column + this.sheet.info.stub); }
    at(column) { return this.cells.has(column) ? this.cells.get(column).value : null; }
    textAt(column) { return this.cells.has(column) ? this.cells.get(column).text : ""; }
    cell(at) { return this.tr.querySelector("td[data-at='" + at + "']:not([hidden])"); }

    isFolded(folded) {
      return this.keys.some((key, level) => folded.has(key) && !this.stands(level + 1));
    }

    // What stays of a folded group: its name, and its total.
    stands(depth) {
      return this.path.length === depth || (this.role === "s" && this.path.length === depth + 1);
    }

    // Its elements, with what folds its groups.
    get tr() {
      if (!this.made) {
        this.made = this.waiting || this.build();
        this.made.dataset.row = this.came;
        this.again = [...this.made.querySelectorAll("[data-again]")];
        this.path.forEach((label, level) => this.foldable(label, level));
        if (this.sheet.cards) { this.sheet.sayRow(this.made); }
        if (this.sheet.board.hidden.size) { this.sheet.trim(this.made); }
      }
      return this.made;
    }

    build() {
      const tr = make("tr");
      tr.dataset.r = this.role;
      tr.dataset.p = JSON.stringify(this.path);
      for (const [tag, names, at, span, level, again, scope] of this.form.slice(1)) {
        const element = make(tag, names);
        const cell = this.cells.get(at);
        element.dataset.at = at;
        if (span > 1) {
          element.colSpan = span;
          element.dataset.span = span;
        }
        if (level >= 0) { element.dataset.level = level; }
        if (again >= 0) { element.dataset.again = again; }
        if (scope) { element.scope = scope; }
        if (cell.markup) { element.innerHTML = cell.markup; } else { element.textContent = cell.text; }
        tr.append(element);
      }
      return tr;
    }

    foldable(label, level) {
      const key = this.keys[level];
      const cell = this.made.querySelector("[data-level='" + level + "']");
      if (!cell || !this.sheet.groups.has(key) || cell.querySelector(".folds")) { return; }
      const press = make("button", "folds");
      press.type = "button";
      press.setAttribute("aria-label", "Fold " + label);
      press.dataset.key = key;
      const board = this.sheet.board;
      press.addEventListener("click", () => board.fold(key, !board.folded.has(key)));
      cell.prepend(press);
      this.folds.push(press);
    }
  }

  // The number that a text says, if it says one.
  Sheet.prototype.numberOf = function numberOf(text, at) {
    if (at < this.info.stub) { return null; }
    const { point, grouping } = this.info;
    const bare = (grouping ? text.replaceAll(grouping, "") : text).replace(point, ".").replace("−", "-");
    return /^-?\d*\.?\d+$/.test(bare) ? Number(bare) : null;
  };

  function place(cell) {
    return { row: Number(cell.closest("tr").dataset.row), at: Number(cell.dataset.at) };
  }

  function read(element, name) {
    const script = element.querySelector("script." + name);
    return script ? JSON.parse(script.textContent) : null;
  }

  // Rows in order of a column: groups by their totals, rows within their group; totals stay at the
  // edge where they stand.
  function ordered(rows, level, column, way) {
    const blocks = [];
    for (const row of rows) {
      const key = row.keys[Math.min(level, row.keys.length - 1)];
      const last = blocks.at(-1);
      if (last && last.key === key && row.path.length > level) { last.rows.push(row); }
      else { blocks.push({ key, rows: [row], at: blocks.length }); }
    }
    const fixed = (block) => block.rows.length === 1 && block.rows[0].path.length <= level + 1
      && block.rows[0].role !== "m";
    let first = 0;
    while (first < blocks.length && fixed(blocks[first])) { first++; }
    let end = blocks.length;
    while (end > first && fixed(blocks[end - 1])) { end--; }
    const middle = blocks.slice(first, end);
    for (const block of middle) {
      block.value = ofBlock(block.rows, level, column);
      if (block.rows.length > 1) { block.rows = within(block.rows, level, column, way); }
    }
    middle.sort((a, b) => compare(a, b, way));
    return [...blocks.slice(0, first), ...middle, ...blocks.slice(end)].flatMap((block) => block.rows);
  }

  // The rows of a group in order; its own name and total stay above or below them.
  function within(rows, level, column, way) {
    const isOwn = (row) => row.path.length <= level + 1;
    let first = 0;
    while (first < rows.length && isOwn(rows[first])) { first++; }
    const rest = rows.slice(first);
    const own = rest.filter(isOwn);
    return [...rows.slice(0, first), ...ordered(rest.filter((row) => !isOwn(row)), level + 1, column, way), ...own];
  }

  function ofBlock(rows, level, column) {
    const { info } = rows[0].sheet;
    if (column < info.stub) { return rows[0].path[Math.min(level, rows[0].path.length - 1)]; }
    if (rows.length === 1) { return rows[0].at(column); }
    const total = rows.find((row) => row.role === "s" && row.path.length <= level + 2 && row.at(column) !== null);
    return total ? total.at(column) : sum(rows, column);
  }

  function sum(rows, column) {
    let all = null;
    for (const row of rows) {
      const value = row.role === "m" ? row.at(column) : null;
      if (value !== null) { all = (all || 0) + value; }
    }
    return all;
  }

  const collator = new Intl.Collator(document.documentElement.lang, { numeric: true });

  function compare(a, b, way) {
    if (a.value === null || b.value === null) {
      return a.value === b.value ? a.at - b.at : a.value === null ? 1 : -1;
    }
    const order = typeof a.value === "string" ? collator.compare(a.value, b.value) : a.value - b.value;
    return order === 0 ? a.at - b.at : order * way;
  }

  function share(line, name, value, whole) {
    if (whole) { line(name, number(Number((value / whole * 100).toFixed(1))) + " %"); }
  }

  const format = new Intl.NumberFormat(document.documentElement.lang, { maximumFractionDigits: 12 });
  const number = (value) => format.format(value);
  const plain = (value) => (Math.abs(value) < 1e21 && !String(value).includes("e") ? String(value)
    : value.toFixed(20).replace(/\.?0+$/, ""));
  const inert = (text) => (/^[=+@\t\r]|^-(?![\d.])/.test(text) ? "'" + text : text);
  const coded = (text) => encodeURIComponent(text).replaceAll(".", "%2E");
  const decoded = (text) => { try { return decodeURIComponent(text); } catch { return ""; } };

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
    // The policy of the page lets no style attribute be written; the object model may.
    tip.style.left = Math.max(4, left) + "px";
    tip.style.top = (below ? box.bottom + 4 : Math.max(4, box.top - tip.offsetHeight - 4)) + "px";
  }
  document.addEventListener("keydown", (event) => { if (event.key === "Escape") { tell(null); } });

  // The marks of a chart: pointed at, or walked through with the arrows.
  function chart(drawing) {
    const spots = [...drawing.querySelectorAll(".spot")];
    const at = (spot) => { tell(spot, () => [spot.getAttribute("aria-label")]); };
    const spot = (event) => event.target.closest(".spot");
    drawing.addEventListener("pointerover", (event) => at(spot(event)));
    drawing.addEventListener("pointerleave", () => at(null));
    drawing.addEventListener("focusin", (event) => at(spot(event)));
    drawing.addEventListener("focusout", () => at(null));
    drawing.addEventListener("keydown", (event) => {
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

  let restoring = true;
  function remember() {
    if (!restoring) {
      const state = boards.map((board) => board.state()).filter(Boolean).join(";");
      history.replaceState(null, "", "#" + state);
    }
  }

  function print(on) {
    for (const board of boards) {
      board.printing = on;
      board.show(false);
    }
  }

  document.querySelectorAll(".chart > svg").forEach(chart);
  for (const section of document.querySelectorAll("section.board")) { boards.push(new Board(section)); }
  for (const part of location.hash.slice(1).split(";")) {
    const at = part.indexOf(":");
    const board = boards.find((one) => one.id === part.slice(0, at));
    if (board) { board.restore(part.slice(at + 1)); }
  }
  boards.forEach((board) => board.show(false));
  restoring = false;
  said.textContent = "";
  window.addEventListener("beforeprint", () => print(true));
  window.addEventListener("afterprint", () => print(false));
})();
