/** Whether two neighbouring uses cut together: one class a rule, each looking at one joint of the paper cut. */
package upshot.core.joint;
