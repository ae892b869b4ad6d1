/** What is studied, how fresh it is, and what is one-sided. */
package humblequill.core.topic.coverage;
