/** Recall: what was learned is asked for again, kindly and seldom. */
package humblequill.core.topic.recall;
