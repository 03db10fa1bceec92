import '@fontsource-variable/literata/wght.css';
import '@fontsource-variable/source-sans-3/wght.css';
import 'vuetify/styles';
import './style.css';
import './kit/ink/ink.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import { App } from './app';
import { router } from './app';
import { vuetify } from './app';

createApp(App).use(createPinia()).use(router).use(vuetify).mount('#app');
