import '../css/app.css';
import '@/chart/coat-chart.css';
import { createApp } from 'vue';
import App from './App.vue';
import { makeRouter } from './router';
import { keepOnDevice } from '@/device/keepOnDevice';

createApp(App).use(makeRouter()).mount('#app');
keepOnDevice();
