export { forget, readLearning, remember } from './learning';
export { exportLog, importLog } from './logFiles';
export { listLogs, logsOfBowl, openLogs, openPages, writeLog } from './logs';
export { readSpending } from './spending';
export { wornFacts } from './wornFacts';
