<template>
  <div class="page">
    <h1>Nothing at this address</h1>
    <p>The page you asked for does not exist.</p>
    <v-btn color="primary" :to="{ name: 'today' }">To Today</v-btn>
  </div>
</template>
