<script setup lang="ts">
import PageHead from '../parts/PageHead.vue';
import { useSession } from '../composables/useSession';

const session = useSession();
</script>

<template>
    <PageHead title="Not for your role" />
    <p class="card">
        You work here as {{ session.me?.role === 'assistant' ? 'an assistant' : 'a coach' }}, and this page needs
        {{ session.me?.role === 'assistant' ? 'a coach or the owner' : 'the owner' }} of the gym.
    </p>
</template>
