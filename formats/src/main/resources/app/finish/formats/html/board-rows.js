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
