<script setup lang="ts">
import type { Finding } from '@/api/types';
import { say } from '@/messages/say';

defineProps<{ findings: Finding[]; withPlace?: boolean; closable?: boolean }>();
defineEmits<{ gone: [finding: Finding] }>();
</script>

<template>
  <ul class="grid gap-2">
    <li v-for="finding in findings" :key="finding.id" class="grid grid-cols-[22px_1fr_auto] gap-x-2">
      <span aria-hidden="true" class="text-lead font-bold">✱</span>
      <p>
        <b
          >{{ say.text.findings[finding.kind] }}<template v-if="withPlace">, {{ say.sections([finding.section]) }}</template></b
        ><template v-if="finding.sizeMm">, {{ finding.sizeMm }} mm</template>.
        <template v-if="finding.note">{{ `${finding.note} ` }}</template>
        <b v-if="finding.referral">{{ `${say.text.referrals[finding.referral]} ` }}</b>
        <span class="text-list text-ink-2"
          >{{ finding.by }}, {{ finding.earlierVisit ? say.shortDay(finding.at) : say.clock(finding.at)
          }}{{ finding.closed ? ', closed' : '' }}</span
        >
      </p>
      <button v-if="closable && !finding.closed" type="button" class="btn btn-small" @click="$emit('gone', finding)">It is gone</button>
    </li>
  </ul>
</template>
