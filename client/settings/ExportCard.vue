<script setup lang="ts">
import CautionBox from '../parts/CautionBox.vue';
</script>

<template>
    <section class="card stack" aria-label="Export">
        <h2>Export</h2>
        <p>
            Everything of this gym in one file: people, kit, the whole log, screens, calls and what was decided. Each line is one entry, in
            JSON, and another install of Steady Rung can begin from it.
        </p>
        <CautionBox class="small">
            It holds the answers of screens and pain notes, readable to anybody who opens it. Keep it where only you can. That you exported
            them is noted.
        </CautionBox>
        <a class="tap" href="/api/v1/export" download>Export the gym</a>
        <a class="tap" href="/api/v1/people.vcf" download>People as contact cards (vCard)</a>
        <p class="small dim">What belongs to one athlete: on their page, More, Export.</p>
    </section>
</template>
