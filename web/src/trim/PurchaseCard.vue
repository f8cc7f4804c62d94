<script setup lang="ts">
import { showEstimate, showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import TextBox from "../ui/TextBox.vue";
import { refDebounced } from "@vueuse/core";
import { computed, ref } from "vue";
import { call } from "../app/api.ts";
import { useSession } from "../app/session.ts";
import { typedGrams } from "../ui/typed-grams.ts";

const props = defineProps<{ ingredient: string; name: string; method: string; grade: "prime" | "seconds" }>();
const session = useSession();
const wanted = ref("250");
const settled = refDebounced(wanted, 250);
const usableG = computed(() => typedGrams(settled.value));
const { data: plan } = useQuery({
  key: () => ["purchase", props.ingredient, props.method, props.grade, usableG.value ?? 0],
  query: () =>
    call("planPurchase", {
      query: {
        ingredient: props.ingredient,
        method: props.method,
        grade: props.grade,
        usableG: usableG.value,
      },
    }),
  enabled: () => usableG.value !== undefined,
});
</script>

<template>
  <p class="backwards">
    <label for="wanted">To get</label>
    <TextBox id="wanted" v-model="wanted" class="figure" size="small" autocomplete="off" />
    <span v-if="usableG !== undefined && plan">
      usable, pick <b class="figure">{{ showEstimate(plan.raw, session.display) }}</b> of {{ name }};
      <b class="figure">{{ showGrams(plan.safeG, session.display) }}</b> is on the safe side.
    </span>
    <span v-else class="soft">usable: type a weight, like 250.</span>
  </p>
</template>

<style scoped>
.backwards {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  padding-top: 0.7rem;
  border-top: 1px solid var(--line);
}

.backwards :deep(.p-inputtext) {
  width: 6rem;
}
</style>
