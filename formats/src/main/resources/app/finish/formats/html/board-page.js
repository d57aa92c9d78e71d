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
