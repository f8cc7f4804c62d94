import type { WeightSource } from "../ui/weight-source.ts";
import { useScale } from "./scale.ts";

/** The connected scale, as weight fields want to see it. */
export function useWeightSource(): WeightSource {
  const scale = useScale();
  return {
    register: scale.register,
    focus: (target) => {
      scale.focused = target;
    },
    send: scale.send,
  };
}
