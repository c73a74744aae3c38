export { BarChart, LineChart } from "react-native-chart-kit";
