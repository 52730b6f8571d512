<script setup lang="ts">
import { computed } from 'vue'
import type { Proposal } from '@/api/types'
import SwatchChart from '@/material/SwatchChart.vue'
import StitchMark from '@/material/StitchMark.vue'
import { useMaterials } from '@/material/useBook'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { inALine } from '@/reading/gauge'
import { t } from '@/words'

/** A blend that was found: what is in it, how it fits, what it gives up. */
const props = defineProps<{
  proposal: Proposal
  place?: number
  take?: string
  heading?: string
  onlyFit?: boolean
}>()
const emit = defineEmits<{ take: [] }>()
const settings = useSettings()
const { materialName, amendment } = useMaterials()

const rows = computed(() =>
  props.proposal.recipe.parts.map((part) => ({
    materialId: part.materialId,
    name: materialName(part.materialId),
  })),
)
const sum = computed(() => props.proposal.recipe.parts.reduce((all, part) => all + part.amount, 0))
const shares = computed(() => props.proposal.recipe.parts.map((part) => part.amount / sum.value))
const bad = (verdict: string) => verdict === 'TOO_LOW' || verdict === 'TOO_HIGH'
/** What is longer than a figure with its unit is a sentence. */
const LONGEST_FIGURE = 16
/** What is drawn on the bench, and of the rest what is not right. */
const judged = computed(() =>
  props.proposal.readings.filter(
    (each) => each.verdict !== 'NO_TARGET' && (!inALine(each) || each.verdict !== 'FITS'),
  ),
)
const toBuy = computed(() => new Set(props.proposal.toBuy.map((each) => each.materialId)))
const cost = computed(() =>
  props.proposal.costPerLitre === undefined
    ? t('find.proposalCard.priceNotKnown')
    : `${settings.currency} ${text(settings.measures.perVolume(props.proposal.costPerLitre))}`,
)
</script>

<template>
  <article class="proposal" :class="{ first: place === 1 }">
    <h3>
      <kbd v-if="place" aria-hidden="true">{{ place }}</kbd>
      {{ proposal.titleWords || heading }}
    </h3>
    <SwatchChart :rows="rows" :shares="shares" />
    <ol class="choices parts">
      <li v-for="part in proposal.recipe.parts" :key="part.materialId">
        <span class="figures">{{ figure(part.amount, 1, true) }}</span>
        <StitchMark :material-id="part.materialId" :size="18" />
        <span
          >{{ materialName(part.materialId)
          }}<small v-if="toBuy.has(part.materialId)" class="buy">
            {{ $t('find.proposalCard.toBuy') }}</small
          ></span
        >
      </li>
      <li v-for="(dose, i) in proposal.recipe.doses" :key="dose.amendmentId" class="soft">
        <span />
        <StitchMark :material-id="dose.amendmentId" :size="14" />
        <small
          >{{ text(settings.measures.dose(dose.gPerL)) }}
          {{ (amendment(dose.amendmentId)?.name ?? dose.amendmentId).toLowerCase()
          }}<template v-if="proposal.doseWords[i]">, {{ proposal.doseWords[i] }}</template></small
        >
      </li>
    </ol>
    <p class="summary">{{ proposal.summary }}</p>
    <ul class="choices verdicts" :aria-label="$t('find.proposalCard.verdictPerReading')">
      <li v-for="each in judged" :key="each.quality" :class="{ bad: bad(each.verdict) }">
        <span class="sign" aria-hidden="true">{{ bad(each.verdict) ? '×' : '·' }}</span>
        <span>{{ each.label }}</span>
        <span :class="each.figure.length > LONGEST_FIGURE ? 'in-words' : 'figures'">{{ each.figure }}</span>
        <small v-if="bad(each.verdict)">{{ $t('find.proposalCard.wanted', { target: each.target }) }}</small>
      </li>
    </ul>
    <div>
      <template v-if="!onlyFit">
        <p v-if="proposal.givesUp.length > 0">
          <small
            ><b>{{ place === 1 ? $t('find.proposalCard.changes') : $t('find.proposalCard.givesUp') }}</b>
            {{ proposal.givesUp.join(', ') }}</small
          >
        </p>
        <p class="soft">
          <small
            >{{ cost
            }}<template v-if="proposal.mostLitres !== undefined">
              {{ ' '
              }}{{
                $t('find.proposalCard.litresFromWhatIsLeft', {
                  stock: text(settings.measures.stock(proposal.mostLitres)),
                })
              }}</template
            ></small
          >
        </p>
      </template>
      <p v-for="stop in proposal.stops" :key="stop" class="say harm">{{ stop }}</p>
    </div>
    <details>
      <summary>{{ $t('find.proposalCard.whyTheseAndTheScore') }}</summary>
      <ul class="choices reasons">
        <li v-for="reason in proposal.reasons" :key="reason.materialId">
          <b>{{ reason.name }}:</b> {{ reason.words }}
        </li>
      </ul>
      <p>
        {{
          $t('find.proposalCard.fitAndChance', {
            proposal: figure(proposal.fit, 1),
            proposal2: figure(proposal.chancePercent, 0),
          })
        }}
      </p>
    </details>
    <p>
      <button v-if="take" type="button" class="plain" @click="emit('take')">{{ take }}</button>
    </p>
  </article>
</template>

<style scoped>
.proposal {
  display: grid;
  grid-row: span 8;
  grid-template-rows: subgrid;
  gap: 7px;
  align-content: start;
  padding: 8px 12px 12px;
  border-left: 1px dashed var(--stitch);
  min-width: 0;
}
.proposal.first {
  border-left: 3px solid var(--bottle);
}
h3 kbd {
  font: 600 14px var(--figures);
  border: 1px solid var(--stitch);
  padding: 0 6px;
  margin-right: 4px;
}
.proposal > :deep(.swatch) {
  max-width: 118px;
}
.parts li {
  display: grid;
  grid-template-columns: 1.6em 20px minmax(0, 1fr);
  gap: 5px;
  align-items: center;
  line-height: 1.2;
}
.parts .figures {
  text-align: right;
  font-weight: 700;
}
.buy {
  margin-left: 6px;
  color: var(--marigold-ink);
  font-weight: 700;
}
.summary {
  font-weight: 700;
}
.verdicts li {
  display: grid;
  grid-template-columns: 12px minmax(0, 1fr) auto;
  gap: 0 4px;
  font-size: 13px;
  line-height: 1.35;
}
.verdicts .in-words {
  grid-column: 2 / -1;
  color: var(--soft-ink);
}
.verdicts small {
  grid-column: 2 / -1;
  font-size: 12.5px;
}
.bad {
  color: var(--brick);
}
.sign {
  font-weight: 700;
}
details {
  font-size: 13px;
}
summary {
  cursor: pointer;
  color: var(--bottle);
}
</style>
