// Things of the stall with what they weigh, in grams: 4 mm nylon has 6.8 g a metre.
const THINGS = [
  ['Empty spool', 62],
  ['Hank of 15 m, 4 mm nylon', 102],
  ['Hank of 7.65 m, 4 mm nylon', 52],
  ['Offcut of 3.09 m, 4 mm nylon', 21],
  ['Spool with 28.4 m, 4 mm nylon', 255.1],
];

const on = new Set();
let own = 0;
const list = document.querySelector('#things');
const pan = document.querySelector('#pan');

async function weigh() {
  const names = THINGS.filter(([name]) => on.has(name)).map(([name]) => name);
  const grams = THINGS.reduce((sum, [name, g]) => sum + (on.has(name) ? g : 0), own);
  pan.textContent =
    grams === 0
      ? 'The pan is empty.'
      : `On the pan: ${[...names, ...(own > 0 ? [`something of ${own} g`] : [])].join(', ')}.`;
  await fetch('pan', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ grams }),
  });
}

for (const [name, grams] of THINGS) {
  const item = document.createElement('li');
  const button = document.createElement('button');
  button.textContent = `${name}, ${grams} g`;
  button.setAttribute('aria-pressed', 'false');
  button.addEventListener('click', () => {
    if (on.has(name)) on.delete(name);
    else on.add(name);
    button.setAttribute('aria-pressed', String(on.has(name)));
    void weigh();
  });
  item.append(button);
  list.append(item);
}

document.querySelector('#own').addEventListener('submit', (event) => {
  event.preventDefault();
  const typed = Number(String(new FormData(event.target).get('grams')).replace(',', '.'));
  own = typed > 0 && typed <= 2000 ? typed : 0;
  void weigh();
});
document.querySelector('#clear').addEventListener('click', () => {
  on.clear();
  own = 0;
  for (const button of list.querySelectorAll('button')) button.setAttribute('aria-pressed', 'false');
  void weigh();
});

const display = document.querySelector('#display');
new EventSource('live').addEventListener('message', (event) => {
  display.textContent = `${JSON.parse(event.data).grams.toFixed(1)} g`;
});

// A page that is opened begins with an empty pan.
void weigh();
