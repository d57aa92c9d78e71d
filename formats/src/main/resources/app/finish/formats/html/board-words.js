const said = document.getElementById("said");
const announce = (text) => { said.textContent = text; };
const boards = [];
// With more rows than this in sight only those near the reader are elements.
const MANY = 300;
const AROUND = 25;

function place(cell) {
  return { row: Number(cell.closest("tr").dataset.row), at: Number(cell.dataset.at) };
}

function read(element, name) {
  const script = element.querySelector("script." + name);
  return script ? JSON.parse(script.textContent) : null;
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
