import type { Container } from "@apron/contract";
import { useFirstBand } from "@apron/core/basket";
import { containerSizes, takePortion } from "@apron/core/larder";
import { daysBetween } from "@apron/core/measure";
import type { RequestContext } from "../context/request-context.ts";
import type { StoredContainer } from "../context/ports/larder.store.ts";

const containerNameOf = (kind: StoredContainer["kind"]): string =>
  kind === "plate" ? "eaten at once" : (containerSizes.find((size) => size.kind === kind)?.name ?? kind);

/** A container as it travels, with the days it has left today. */
export function presentContainer(stored: StoredContainer, view: Pick<RequestContext, "today">): Container {
  const daysLeft = daysBetween(view.today, stored.useBy);
  const { practiceFrom, practiceTo } = stored;
  return {
    id: stored.id,
    batchId: stored.batchId,
    name: stored.name,
    kind: stored.kind,
    containerName: containerNameOf(stored.kind),
    place: stored.place,
    madeOn: stored.madeOn,
    useBy: stored.useBy,
    daysLeft,
    band: useFirstBand(daysLeft),
    limit: stored.limit,
    mayBeEaten: takePortion(stored, view.today).ok,
    reason: stored.reason,
    source: stored.source,
    practice: practiceFrom && practiceTo ? { from: practiceFrom, to: practiceTo } : null,
    thawDays: stored.thawDays,
    startG: stored.startG,
    remainingG: stored.remainingG,
    portionG: stored.portionG,
    portionsLeft: stored.remainingG / stored.portionG,
    isPlain: stored.isPlain,
  };
}
