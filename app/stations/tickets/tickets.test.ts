/** @jest-environment ./scripts/page-environment.mjs */
import { expect, test } from '@jest/globals';
import { db } from '../../db/database';
import {
  at,
  dialog,
  downloaded,
  every,
  giveFile,
  goTo,
  heading,
  inApp,
  noDialog,
  press,
  says,
  saysNot,
  the,
  type,
  until,
  user,
  value,
} from '../../testing/in-app';
import { useAdvice } from '../../stores/advice';
import { useWater } from '../../stores/water';

inApp('demo', '/pick');

async function writeTicket(rank: number): Promise<void> {
  await goTo('Pick');
  await press(/.*/, `pick-${rank}`);
  await press('Write the ticket for this rig', `pick-${rank}`);
  await at('ticket');
}
const rows = (): string[] =>
  [...document.querySelectorAll('[data-testid="ticket-row"]')].map(({ textContent }) => textContent ?? '');

test('tickets are listed, named, exported one by one and together, deleted and brought back', async () => {
  await writeTicket(1);
  await type('Name', 'First light, hedgerow');
  await until(async () => expect((await db.tickets.toArray())[0]?.name).toBe('First light, hedgerow'));
  const one = await downloaded(() => press('Export'));
  expect(JSON.parse(one)).toMatchObject({ kind: 'tickets', tickets: [{ name: 'First light, hedgerow' }] });
  await writeTicket(2);
  await goTo('Tickets');
  await heading('2 tickets');
  // newest first
  expect(rows()[1]).toContain('First light, hedgerow');
  await press('Delete First light, hedgerow');
  await heading('1 ticket');
  await press('Undo');
  await heading('2 tickets');
  // taken in twice it is still one
  await press('Import…');
  await giveFile('ticket.json', one);
  await says(dialog(), '1 ticket, to be added');
  await press('Take it in');
  await noDialog();
  await heading('2 tickets');
  const all = await downloaded(() => press('Export tickets'));
  expect((JSON.parse(all) as { tickets: unknown[] }).tickets).toHaveLength(2);
});

test('a ticket keeps its numbers when the water changes; its note is kept', async () => {
  await writeTicket(1);
  await type('Your note', 'north side, second gap');
  await says('ticket', /\d ft\/s likely \d/);
  const numbers = (await the('region', 'Numbers')).textContent;
  await goTo('Water');
  await type(/^Water temperature/, '80');
  await type(/^Depth/, '12');
  await goTo('Tickets');
  await user.click(await the('link', undefined, 'ticket-row'));
  await says('ticket', 'For 57 °F');
  expect((await the('region', 'Numbers')).textContent).toBe(numbers);
  await value('Your note', 'north side, second gap');
});

test('a ticket that is not here is explained', async () => {
  location.hash = '#/tickets/nowhere';
  await says(document.body, 'This ticket is not in this browser');
  expect(every('heading')).not.toEqual([]);
});

test('a ticket names what was taken for granted; what was said stands with the water', async () => {
  useWater().change({ assumed: { season: true, mood: true }, forage: [] });
  await until(() => expect(useAdvice().ranking).toBe(false));
  await writeTicket(1);
  const taken = await at('assumed');
  await says(taken, 'autumn · neutral fish · what they eat counted for nothing');
  await saysNot(taken, 'bottom');
  useWater().change({ assumed: { bottom: true } });
  await until(() => expect(useAdvice().ranking).toBe(false));
  await writeTicket(1);
  await says('assumed', 'the bottom counted for nothing · what they eat counted for nothing');
});
