import '../css/app.css';
import './coat-chart/coat-chart.css';
import { createApp } from 'vue';
import App from './App.vue';
import { router } from './router';
import { keepOnDevice } from './keepOnDevice';

createApp(App).use(router).mount('#app');
keepOnDevice();
