// Prints the frames with printers of tables and data frames from npm.
// python3 export_frames.py > /tmp/frames.json && NODE_PATH=… node make_node.mjs /tmp/frames.json
import fs from "node:fs";
import path from "node:path";
import { createRequire } from "node:module";

const require = createRequire(process.env.MODULES + "/");
const frames = JSON.parse(fs.readFileSync(process.argv[2], "utf8"));
const folder = path.join(import.meta.dirname ?? path.dirname(new URL(import.meta.url).pathname), "../resources/corpus/node");
fs.mkdirSync(folder, { recursive: true });
const truth = {};
const write = (name, text, fact) => {
  fs.writeFileSync(path.join(folder, name), text.replace(/\u001b\[[0-9;]*m/g, "") + "\n");
  truth[name] = [fact];
};
const text = (value) => (value === null ? "" : String(value));
const objects = ({ heads, rows }) => rows.map((row) => Object.fromEntries(row.map((one, i) => [heads[i], one])));

const pl = require("nodejs-polars");
for (const name of ["sums", "crosstab", "sexes", "named", "roll-forward"]) {
  const { heads, rows, fact } = frames[name];
  const frame = pl.DataFrame(Object.fromEntries(heads.map((head, i) => [head, rows.map((row) => row[i])])));
  write(`polars-${name}.txt`, frame.toString(), fact);
}
const CliTable = require("cli-table3");
for (const name of ["sums", "crosstab", "late"]) {
  const { heads, rows, fact } = frames[name];
  const table = new CliTable({ head: heads, style: { head: [], border: [] }, colAligns: heads.map((_, i) => (i ? "right" : "left")) });
  rows.forEach((row) => table.push(row.map(text)));
  write(`cli-table-${name}.txt`, table.toString(), fact);
}
const { Table } = require("console-table-printer");
for (const name of ["named", "sexes", "roll-forward"]) {
  const { fact } = frames[name];
  const printer = new Table({ title: "Sound ferries" });
  objects(frames[name]).forEach((row) => printer.addRow(row));
  write(`console-printer-${name}.txt`, printer.render(), { ...fact, title: "Sound ferries" });
}
const EasyTable = require("easy-table");
for (const name of ["sums", "nested", "correlations"]) {
  const { heads, rows, fact } = frames[name];
  const table = new EasyTable();
  rows.forEach((row) => {
    row.forEach((one, i) => table.cell(heads[i], one));
    table.newRow();
  });
  write(`easy-table-${name}.txt`, table.toString(), fact);
}
const columnify = require("columnify");
for (const name of ["sums", "named", "roll-forward"]) {
  write(`columnify-${name}.txt`, columnify(objects(frames[name])), {
    ...frames[name].fact,
    columns: frames[name].fact.columns.map(([one]) => [one.toUpperCase()]),
    down: frames[name].fact.down.map((one) => one.toUpperCase()),
  });
}
for (const name of ["crosstab", "named"]) {
  const { heads, rows, fact } = frames[name];
  const textTable = require("text-table");
  write(`text-table-${name}.txt`, textTable([heads, ...rows.map((row) => row.map(text))], { align: heads.map((_, i) => (i ? "r" : "l")) }), fact);
}
const { markdownTable } = await import(process.env.MODULES + "/node_modules/markdown-table/index.js");
for (const name of ["years", "nested", "sexes"]) {
  const { heads, rows, fact } = frames[name];
  write(`markdown-table-${name}.md`, markdownTable([heads, ...rows.map((row) => row.map(text))]), fact);
}
const { table: print, getBorderCharacters } = require("table");
for (const [name, border] of [["sums", "norc"], ["crosstab", "honeywell"], ["late", "ramac"], ["years", "void"]]) {
  const { heads, rows, fact } = frames[name];
  write(`table-${border}-${name}.txt`, print([heads, ...rows.map((row) => row.map(text))], { border: getBorderCharacters(border) }), fact);
}
const { DataFrame } = require("data-forge");
for (const name of ["sums", "named"]) {
  const { fact } = frames[name];
  const frame = new DataFrame(objects(frames[name])).setIndex(frames[name].heads[0]);
  write(`data-forge-${name}.csv`, frame.toCSV(), fact);
  write(`data-forge-${name}.html`, frame.dropSeries(frames[name].heads[0]).toHTML(), { ...fact, down: [""] });
}
{
  const { heads, rows, fact } = frames.sums;
  const log = [];
  const { Console } = await import("node:console");
  const { Writable } = await import("node:stream");
  new Console(new Writable({ write(chunk, _, done) { log.push(chunk.toString()); done(); } })).table(
    Object.fromEntries(rows.map((row) => [row[0], Object.fromEntries(heads.slice(1).map((head, i) => [head, row[i + 1]]))])),
  );
  write("console-table-sums.txt", log.join(""), { ...fact, down: [""] });
}
fs.writeFileSync(
  path.join(folder, "truth.json"),
  "{\n" + Object.entries(truth).map(([name, tables]) => `${JSON.stringify(name)}: [\n${tables.map((one) => JSON.stringify(one)).join(",\n")}\n]`).join(",\n") + "\n}\n",
);
