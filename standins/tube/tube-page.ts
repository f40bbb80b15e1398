/** The page of the tube: a rig, a depth, and something that falls in real time. */
export const PAGE = `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>The practice tube</title>
<link rel="stylesheet" href="/tube.css">
<main>
  <h1>The practice tube</h1>
  <p>A stand-in: its water is made up. Time the fall with the watch in Pandero’s log, in another window or on a phone.</p>
  <form id="form">
    <label>Rig <select id="rig"></select></label>
    <label>Depth, m <input id="depth" type="number" min="0.5" max="30" step="any" value="3"></label>
    <label>Water, °C <input id="warmth" type="number" min="0" max="40" step="any" value="16"></label>
    <button>Three, two, one, let go</button>
  </form>
  <p id="says" role="status"></p>
  <div id="tube" role="img" aria-label="A tube of water; something falls in it"><div id="lure"></div></div>
</main>
<script type="module" src="/tube.js"></script>
</html>`;

export const STYLE = `
body { margin: 0; background: #f3ebdb; color: #231c17; font: 17px/1.4 sans-serif; }
main { max-width: 560px; margin: 0 auto; padding: 16px; }
form { display: grid; gap: 10px; }
label { display: grid; gap: 2px; }
select, input, button { min-height: 48px; font: inherit; padding: 4px 10px; border: 1px solid #6a5c4f; background: none; color: inherit; }
button { background: #8d2b1c; color: #fff; border-color: #8d2b1c; font-weight: 700; }
#says { min-height: 1.5em; font-size: 22px; font-weight: 700; }
#tube { position: relative; height: 56vh; width: 150px; margin: 0 auto; border: 2px solid #231c17; border-top: 0; background: linear-gradient(#c79a5533, #8a5c2c66); }
#lure { position: absolute; left: 50%; top: 0; width: 18px; height: 26px; margin-left: -9px; border-radius: 9px 9px 4px 4px; background: #8d2b1c; transform: translateY(-26px); }
`;

export const SCRIPT = `
const at = (id) => document.getElementById(id);
const says = (text) => { at('says').textContent = text; };
const asked = new URLSearchParams(location.hash.slice(1));
let rigs = [];
try {
  const given = asked.get('rig');
  if (given) rigs.push({ name: 'the rig of the test', rig: JSON.parse(given) });
} catch { says('The rig that came along cannot be read; take one of these.'); }
rigs = rigs.concat(await (await fetch('/rigs')).json());
for (const [place, { name }] of rigs.entries()) at('rig').add(new Option(name, String(place)));
if (asked.get('depth')) at('depth').value = asked.get('depth');
if (asked.get('warmth')) at('warmth').value = asked.get('warmth');
let isBusy = false;
const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
function fall({ seconds, path }, depthM) {
  return new Promise((resolve) => {
    const began = performance.now();
    const height = at('tube').clientHeight - 26;
    const draw = () => {
      const s = (performance.now() - began) / 1000;
      const next = path.findIndex(([when]) => when >= s);
      let down = depthM;
      if (next > 0) {
        const [a, b] = [path[next - 1], path[next]];
        down = a[1] + ((b[1] - a[1]) * (s - a[0])) / (b[0] - a[0]);
      } else if (next === 0) down = 0;
      at('lure').style.transform = 'translateY(' + ((down / depthM) * height - 2) + 'px)';
      if (s < seconds) requestAnimationFrame(draw); else resolve();
    };
    draw();
  });
}
at('form').addEventListener('submit', async (event) => {
  event.preventDefault();
  if (isBusy) return;
  isBusy = true;
  try {
    const depthM = Number(at('depth').value);
    const body = JSON.stringify({ rig: rigs[Number(at('rig').value)].rig, depthM, temperatureC: Number(at('warmth').value) });
    const answer = await fetch('/fall', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body });
    const found = await answer.json();
    if (!answer.ok) { says(found.why); return; }
    at('lure').style.transform = 'translateY(-26px)';
    for (const count of ['Three', 'Two', 'One']) { says(count + ' …'); await wait(700); }
    says('Gone');
    await fall(found, depthM);
    says('It touched. It really took ' + found.seconds.toFixed(2) + ' s.');
  } catch (error) {
    says('The tube does not answer: start it again with npm run tube.');
  } finally { isBusy = false; }
});
`;
