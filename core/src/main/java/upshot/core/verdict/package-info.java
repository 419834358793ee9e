/** The whole judgement of a plan: holes, findings, the day and the four gauges, computed together. */
package upshot.core.verdict;
