import { expect, test } from '@jest/globals';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import { advise } from '../advice/recommend/advise';
import { makeTicket } from './make';
import { ticketSchema } from './schema';

const made = { id: 't', madeAt: '2026-09-27T07:00:00.000Z', name: '' };

test('whatever a pick says goes on a ticket that can be kept: dissents, cuts, retrieve', () => {
  const { picks } = advise(NORTH_ARM, DEMO_BOX, 4);
  expect(picks.flatMap(({ dissent }) => dissent).length).toBeGreaterThan(2);
  for (const pick of picks) {
    const ticket = makeTicket(pick, NORTH_ARM, { ...made, base: pick.base });
    expect(ticketSchema.safeParse(ticket)).toMatchObject({ success: true });
    const rigs = pick.dissent.filter(({ rule }) => rule === undefined);
    expect(ticket.dissent.map(({ question }) => question)).toEqual(rigs.map(({ question }) => question));
    expect([ticket.rig, ticket.base]).toEqual([pick.rig, pick.base]);
  }
});
