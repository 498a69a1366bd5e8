/** What the chart shows, °C: from a hard winter to a hot line. Apart from the chart, which comes later than the page. */
export const COLDEST_SHOWN = -20;
export const HOTTEST_SHOWN = 90;
