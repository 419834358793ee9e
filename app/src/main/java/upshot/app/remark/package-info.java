/** What people say about a job and its shots: kept beside the plan, and shown by the stages that want it. */
package upshot.app.remark;
