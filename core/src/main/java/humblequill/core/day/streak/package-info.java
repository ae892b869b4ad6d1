/** Runs of practised days under the three schools of counting. */
package humblequill.core.day.streak;
