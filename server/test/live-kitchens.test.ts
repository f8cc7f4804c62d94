import { expect, it, jest } from "@jest/globals";
import type { ScaleReading } from "@apron/contract";
import type { NewsHandler } from "../src/context/ports/news.ts";
import { liveKitchens } from "../src/devices/live-kitchens.ts";
import { simulatedScale } from "../src/devices/simulated-scale.ts";

type Looked = ReturnType<Parameters<typeof liveKitchens>[0]["database"]["read"]>;

it("shows the load that was laid on last, however late an earlier look at the database is answered", async () => {
  jest.useFakeTimers();
  try {
    const [answers, handlers]: [((scale: unknown) => void)[], NewsHandler[]] = [[], []];
    const read = (): Looked =>
      new Promise((answer) => {
        answers.push((scale) => {
          answer([scale, 1] as never);
        });
      });
    const ofKitchen = (_: string, handler: NewsHandler) => {
      handlers.push(handler);
      return () => undefined;
    };
    const now = (): Date => new Date("2026-05-04T10:00:00Z");
    const kitchens = liveKitchens({ database: { read }, news: { ofKitchen }, now } as never);
    const shown: string[] = [];
    const leave = kitchens.watch("a", {
      reading: (data) => shown.push((JSON.parse(data) as ScaleReading).shown),
      kitchen: () => undefined,
    });
    const loaded = simulatedScale.pile(simulatedScale.rest, 430, new Date("2026-05-04T09:59:50Z"));
    handlers[0]?.scale();
    // Were both looks under way, the later one could be answered first.
    answers[1]?.(loaded);
    await jest.advanceTimersByTimeAsync(10);
    answers[0]?.(undefined);
    await jest.advanceTimersByTimeAsync(10);
    answers[1]?.(loaded);
    await jest.advanceTimersByTimeAsync(10);
    expect(shown.at(-1)).toBe("430 g");
    leave();
  } finally {
    jest.useRealTimers();
  }
});
