// What a reader does with a board: sort, find, fold, hide, page, step through members, point, copy.
// Everything is in the page. A board has a sheet for each member at which its table is held; a sheet
// has rows; a row becomes elements when it comes in sight. The page puts these files into one script.

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

  show(aloud) {
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
    if (aloud) {
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
  number(on, aloud) {
    this.sheet.table.classList.toggle("numbered", on);
    this.numbers.setAttribute("aria-pressed", String(on));
    if (aloud) {
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
