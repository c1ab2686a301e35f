import '../css/app.css';
import './coat-chart/coat-chart.css';
import { createApp } from 'vue';
import App from './App.vue';
import { router } from './router';

createApp(App).use(router).mount('#app');
