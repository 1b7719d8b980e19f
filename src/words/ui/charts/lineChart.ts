// The words of ui/charts/LineChart.
export const n700Px = (front: boolean, size: number, family: string) => `${front ? "700 " : ""}${size}px ${family}`;
