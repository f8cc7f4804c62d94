<script setup lang="ts">
import type { LotDetail } from "@apron/contract";
import { showYield } from "@apron/core/measure";
import { showInstant } from "../../ui/dates.ts";
import WithdrawTrim from "./WithdrawTrim.vue";

/** The weighings made of a lot; a wrong one is withdrawn, with a reason, and no longer learned from. */
defineProps<{ lot: LotDetail }>();
</script>

<template>
  <section class="card" aria-labelledby="lot-trims">
    <h2 id="lot-trims">Weighings from trimming</h2>
    <ul>
      <li v-for="trim in lot.trims" :key="trim.trimId">
        <p>
          <b class="figure">{{ showYield(trim.fraction) }}</b> · {{ trim.method.replaceAll("-", " ") }}
          <span class="soft small">{{ showInstant(trim.at) }}</span>
        </p>
        <p v-if="trim.withdrawn" class="soft">withdrawn</p>
        <WithdrawTrim v-else :trim-id="trim.trimId" />
      </li>
    </ul>
  </section>
</template>

<style scoped>
section,
ul,
li {
  display: grid;
  gap: 0.4rem;
}
</style>
