/** Stands for a chart, which says nothing in words. */
export default { name: 'ChartStandIn', render: () => null }
