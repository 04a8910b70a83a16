import { buyingForWeek, buyLineAnswer } from '$lib/server/stock/buying';
import { database } from '$lib/server/db';

const DAY_MS = 86_400_000;
const CHOICES = [3, 7, 14, 28];

/** Loads what to buy for the next days: `?days=7`. */
export async function load({ url }) {
  const given = Number(url.searchParams.get('days') ?? 7);
  const days = CHOICES.includes(given) ? given : 7;
  const now = new Date();
  const done = await buyingForWeek(database(), now, new Date(now.getTime() + days * DAY_MS));
  return { days, choices: CHOICES, lines: done.ok ? done.value.map(buyLineAnswer) : null };
}
