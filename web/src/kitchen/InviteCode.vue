<script setup lang="ts">
import type { InviteMade } from "@apron/contract";
import Button from "primevue/button";
import { toDataURL } from "qrcode";
import { computed, ref, watchEffect } from "vue";
import { showInstant } from "../ui/dates.ts";

/** A code that was just made: to be read out, sent, or photographed from the screen. It is shown this once. */
const props = defineProps<{ made: InviteMade; title: string; lead: string }>();
// Behind the #: a browser sends that to no server, so it stands in no log.
const link = computed(() => `${window.location.origin}/join#${props.made.code}`);
const qr = ref("");
watchEffect(async () => {
  qr.value = await toDataURL(link.value, { margin: 1, width: 220 });
});
/** Opened by an address that means "this machine", whoever scans it would look on their own. */
const isOnlyHere = /^(?:localhost|127\.[\d.]+|\[::1\])$/.test(window.location.hostname);
/** Not every browser lets a page copy over plain HTTP: the link stands there to be selected, too. */
const canCopy = "clipboard" in navigator;
const isCopied = ref(false);
async function copy(): Promise<void> {
  await navigator.clipboard.writeText(link.value);
  isCopied.value = true;
}
</script>

<template>
  <div class="code" role="status" data-testid="invite-code">
    <h3>{{ title }}</h3>
    <p class="soft small">{{ lead }}</p>
    <div class="ways">
      <img v-if="qr" :src="qr" width="132" height="132" alt="The link as a QR code" />
      <div>
        <p class="figure" data-testid="code">{{ made.code }}</p>
        <p class="small link">{{ link }}</p>
        <Button
          v-if="canCopy"
          :label="isCopied ? 'Link copied' : 'Copy link'"
          size="small"
          severity="secondary"
          @click="copy"
        />
      </div>
    </div>
    <p v-if="isOnlyHere" class="small">
      The link opens on this machine only. For a phone or tablet, open this page by the kitchen's address on
      your network, or read the code out.
    </p>
    <p class="soft small">Works until {{ showInstant(made.expiresAt) }}. It is shown only now.</p>
  </div>
</template>

<style scoped>
.code {
  display: grid;
  gap: 0.6rem;
  padding: 0.9rem;
  background: var(--sunk);
  border-radius: var(--radius);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;
  align-items: center;
}

.ways > div {
  flex: 1 1 11rem;
  display: grid;
  gap: 0.3rem;
  justify-items: start;
}

.figure {
  font-size: 1.45rem;
  letter-spacing: 0.03em;
}

.link {
  overflow-wrap: anywhere;
}

img {
  background: var(--p-linen-50);
  border-radius: var(--radius);
}
</style>
