/** Who may sign in, and how attempts to guess a password are slowed down. */
package hopsel.web.account;
