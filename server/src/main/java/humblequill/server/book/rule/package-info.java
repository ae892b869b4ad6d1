/** Rules that promises and books want kept: what entries leave open, and what the learner says. */
package humblequill.server.book.rule;
