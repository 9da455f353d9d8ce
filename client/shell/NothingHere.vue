<template>
    <div class="card stack">
        <h1>Nothing here</h1>
        <p>
            There is no page at this address.
            <RouterLink to="/people">Go to the people</RouterLink>
            .
        </p>
    </div>
</template>
