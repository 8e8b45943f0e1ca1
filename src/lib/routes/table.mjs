// Every route there is, what it wants and what it offers: the one place that says so. Whoever may open it, who may do each
// of its acts, what lies on a device, what may be sent: read from here by the server, the door before it, the service
// worker, the bar, and the tests. A page, an act or a right is added here and in the folder of its page.

/** @typedef {'guest' | 'reader' | 'helper' | 'coordinator'} By each may what those before it may; a guest is whoever comes, signed in or not */

/**
 * @typedef {object} Act of a route: a form of its page by name, or a method
 * @property {By} by who may do it
 * @property {string} [says] how the trail says it; entries say themselves, and what changes nothing of the group is not said
 * @property {string} [waits] what it is while it waits on a device, in words; without these it does not wait
 */

/**
 * @typedef {object} Route
 * @property {By} by who may open it
 * @property {true} [isLink] its address carries its own right, and is told to no log
 * @property {true} [isDoor] it is there only where people sign in
 * @property {'at once' | 'when opened'} [laid] when it is laid by on a device, to be there without network
 * @property {number} [bytes] of what may be sent to it, where that is more than a form
 * @property {string} [title] what the browser calls it, where it is called otherwise than in the bar
 * @property {string} [stage] its name in the bar, in this order
 * @property {{ of: string, label: string }} [part] its name among the parts of a stage, in this order
 * @property {Readonly<Record<string, Act>>} [acts]
 */

/** What is not named here is opened and done by nobody. @type {Readonly<Record<string, Route>>} */
export const routes = {
	'/': { by: 'reader', title: 'Today' },
	'/plan': {
		by: 'reader',
		title: 'Plan a mat',
		stage: 'Plan',
		acts: { keep: { by: 'coordinator', says: 'kept a plan' }, work: { by: 'reader' } }
	},
	'/plan/[id=uuid]': {
		by: 'reader',
		acts: {
			copy: { by: 'coordinator', says: 'kept a plan' },
			keep: { by: 'coordinator', says: 'kept a plan' },
			work: { by: 'reader' }
		}
	},
	'/plan/[id=uuid]/file': { by: 'reader' },
	'/plans': {
		by: 'reader',
		title: 'Plans',
		bytes: 16_777_216,
		acts: {
			delete: { by: 'coordinator', says: 'deleted a plan' },
			duplicate: { by: 'coordinator', says: 'made a plan like another' },
			read: { by: 'coordinator', says: 'brought in a plan' },
			rename: { by: 'coordinator', says: 'renamed a plan' },
			restore: { by: 'coordinator', says: 'brought a plan back' }
		}
	},
	'/gather': {
		by: 'reader',
		title: 'Gather',
		laid: 'at once',
		stage: 'Gather',
		part: { of: 'gather', label: 'Drop-offs' },
		acts: {
			keep: { by: 'helper' },
			own: { by: 'coordinator', says: 'made a place one of its own again' },
			same: { by: 'coordinator', says: 'made two places one' }
		}
	},
	'/gather/sort': {
		by: 'reader',
		laid: 'at once',
		part: { of: 'gather', label: 'Sorting' },
		acts: {
			keep: { by: 'helper' },
			none: { by: 'helper', waits: 'that a pile is gone' },
			there: { by: 'helper', waits: 'that a pile is there' }
		}
	},
	'/gather/store': {
		by: 'reader',
		laid: 'at once',
		part: { of: 'gather', label: 'The store' },
		acts: { keep: { by: 'helper' } }
	},
	'/gather/asks': {
		by: 'reader',
		laid: 'at once',
		part: { of: 'gather', label: 'Asks' },
		acts: {
			want: {
				by: 'coordinator',
				says: 'said how many mats are wanted',
				waits: 'how many mats are wanted'
			}
		}
	},
	'/gather/kinds': {
		by: 'reader',
		laid: 'at once',
		part: { of: 'gather', label: 'Bag kinds' },
		acts: {
			keep: { by: 'helper' },
			remove: {
				by: 'coordinator',
				says: 'removed a kind of bag',
				waits: 'that a kind of bag is removed'
			}
		}
	},
	'/gather/lists': {
		by: 'reader',
		laid: 'at once',
		bytes: 16_777_216,
		part: { of: 'gather', label: 'Lists' },
		acts: { bring: { by: 'coordinator', says: 'brought in a list' } }
	},
	'/gather/asks/sheet.pdf': { by: 'reader' },
	'/gather/bare': { by: 'reader' },
	'/gather/lists/[id=uuid]': {
		by: 'reader',
		title: 'A list',
		laid: 'when opened',
		acts: {
			back: { by: 'coordinator', says: 'took a list back' },
			drop: { by: 'coordinator', says: 'threw a list away' },
			keep: { by: 'coordinator', says: 'kept a list' },
			match: { by: 'coordinator' },
			mend: { by: 'coordinator' },
			settle: { by: 'coordinator' }
		}
	},
	'/gather/lists/[id=uuid]/keep': {
		by: 'coordinator',
		laid: 'when opened',
		acts: { POST: { by: 'coordinator', says: 'kept a list' } }
	},
	'/gather/lists/[list].csv': { by: 'reader' },
	'/prepare': {
		by: 'reader',
		laid: 'at once',
		stage: 'Prepare',
		part: { of: 'prepare', label: 'The table' },
		acts: { keep: { by: 'helper' } }
	},
	'/prepare/balls': {
		by: 'reader',
		laid: 'at once',
		part: { of: 'prepare', label: 'Balls and labels' },
		acts: {
			blank: { by: 'helper', says: 'had labels made' },
			drop: { by: 'helper', says: 'stopped printing labels' },
			hand: { by: 'helper' },
			print: { by: 'helper', says: 'had labels printed' },
			resume: { by: 'helper' }
		}
	},
	'/prepare/bare': { by: 'reader' },
	'/prepare/days': {
		by: 'reader',
		laid: 'at once',
		part: { of: 'prepare', label: 'Table days' },
		acts: {
			add: { by: 'coordinator', says: 'planned a table day', waits: 'a table day' },
			off: {
				by: 'coordinator',
				says: 'called a table day off',
				waits: 'that a table day is called off'
			},
			people: {
				by: 'coordinator',
				says: 'said who comes to a table day',
				waits: 'who comes to a table day'
			}
		}
	},
	'/prepare/days/[id]': {
		by: 'reader',
		laid: 'when opened',
		acts: {
			close: { by: 'coordinator', says: 'closed a table day', waits: 'that a table day ended' },
			open: { by: 'coordinator', says: 'opened a table day', waits: 'that a table day began' },
			seats: { by: 'coordinator', says: 'seated people', waits: 'who sits where' },
			teaches: { by: 'coordinator', says: 'left a measure out' },
			terms: { by: 'coordinator', says: 'changed a table day', waits: 'what a table day is like' }
		}
	},
	'/prepare/days/[id]/[sheet].pdf': { by: 'helper' },
	'/prepare/days/[id]/[station]': {
		by: 'reader',
		laid: 'when opened',
		acts: { default: { by: 'helper' } }
	},
	'/prepare/days/[id]/advice': { by: 'helper', laid: 'when opened' },
	'/prepare/days/[id]/day.ics': { by: 'reader' },
	'/prepare/days/[id]/wall': { by: 'reader', title: 'The wall', laid: 'when opened' },
	'/prepare/days/calendar.ics': { by: 'reader' },
	'/prepare/labels.pdf': { by: 'helper' },
	'/prepare/things': { by: 'reader', laid: 'when opened' },
	'/prepare/things/[code]': { by: 'reader', laid: 'when opened' },
	'/prepare/things/[code]/label.png': { by: 'reader' },
	'/prepare/tools': {
		by: 'reader',
		laid: 'at once',
		part: { of: 'prepare', label: 'Tools' },
		acts: { keep: { by: 'helper' } }
	},
	'/prepare/worksheet.pdf': { by: 'reader' },
	'/people': {
		by: 'reader',
		title: 'People and places',
		part: { of: 'prepare', label: 'People' },
		acts: {
			add: { by: 'coordinator', says: 'added a person' },
			ended: { by: 'coordinator', says: 'ended a place that receives mats' },
			forget: { by: 'coordinator', says: 'had a person forgotten' },
			person: { by: 'coordinator', says: 'changed what is said of a person' },
			receiving: { by: 'coordinator', says: 'added a place that receives mats' }
		}
	},
	'/make': { by: 'reader', laid: 'at once', stage: 'Make', acts: { keep: { by: 'helper' } } },
	'/make/[code]': {
		by: 'reader',
		laid: 'when opened',
		acts: {
			keep: { by: 'helper' },
			link: { by: 'coordinator', says: 'made a link to a mat' },
			revoke: { by: 'coordinator', says: 'revoked a link' }
		}
	},
	'/make/[code]/rows.pdf': { by: 'reader' },
	'/make/outbox': { by: 'helper', title: 'Outbox', laid: 'at once' },
	'/check': { by: 'reader', laid: 'at once', stage: 'Check', acts: { keep: { by: 'helper' } } },
	'/check/[code]': { by: 'reader', laid: 'when opened', acts: { keep: { by: 'helper' } } },
	'/check/bare': { by: 'reader' },
	'/check/sheet.pdf': { by: 'reader' },
	'/hand-over': {
		by: 'reader',
		title: 'Hand over',
		stage: 'Hand over',
		part: { of: 'hand-over', label: 'Send' },
		acts: { keep: { by: 'coordinator' } }
	},
	'/hand-over/asks': {
		by: 'reader',
		part: { of: 'hand-over', label: 'Asked and promised' },
		acts: {
			keep: { by: 'coordinator' },
			place: { by: 'coordinator', says: 'added a place that receives mats' }
		}
	},
	'/hand-over/pillows': {
		by: 'reader',
		part: { of: 'hand-over', label: 'Pillows' },
		acts: { keep: { by: 'coordinator' } }
	},
	'/hand-over/account': { by: 'reader', part: { of: 'hand-over', label: 'Results so far' } },
	'/hand-over/account.pdf': { by: 'reader' },
	'/hand-over/bare': { by: 'reader' },
	'/hand-over/calendar.ics': { by: 'reader' },
	'/hand-over/deliveries.csv': { by: 'reader' },
	'/hand-over/deliveries/[code]': { by: 'reader', acts: { keep: { by: 'coordinator' } } },
	'/hand-over/deliveries/[code]/note.pdf': { by: 'reader' },
	'/hand-over/mats.csv': { by: 'reader' },
	'/hand-over/mats/[code]': { by: 'reader' },
	'/hand-over/tags.pdf': { by: 'reader' },
	'/season': {
		by: 'reader',
		title: 'The season',
		part: { of: 'season', label: 'Will we make it' },
		acts: { keep: { by: 'coordinator' } }
	},
	'/season/calendar.ics': { by: 'reader' },
	'/season/kept': {
		by: 'reader',
		part: { of: 'season', label: 'Past forecasts' },
		acts: { keep: { by: 'coordinator' } }
	},
	'/season/sheet.pdf': { by: 'reader' },
	'/season/words': {
		by: 'coordinator',
		part: { of: 'season', label: 'Words to people' },
		acts: { keep: { by: 'coordinator' } }
	},
	'/measures': {
		by: 'reader',
		title: 'Measures',
		acts: { keep: { by: 'helper' }, leave: { by: 'coordinator', says: 'left a measure out' } }
	},
	'/know-how': { by: 'guest', title: 'Know-how', laid: 'at once' },
	'/know-how/[act]': { by: 'guest', laid: 'when opened' },
	'/know-how/[act]/card.pdf': { by: 'guest' },
	'/know-how/cards.pdf': { by: 'guest' },
	'/know-how/faults': { by: 'guest', title: 'What is wrong with this mat', laid: 'when opened' },
	'/know-how/practice': { by: 'guest', laid: 'when opened' },
	'/know-how/words': { by: 'guest', title: 'The words of the craft', laid: 'when opened' },
	'/sheets/[sheet]': { by: 'reader' },
	'/settings': {
		by: 'reader',
		title: 'Settings',
		acts: {
			group: { by: 'coordinator', says: 'changed the settings' },
			hall: { by: 'reader' },
			name: { by: 'coordinator', says: 'named the group' },
			words: { by: 'guest' }
		}
	},
	'/links': {
		by: 'coordinator',
		title: 'Links',
		acts: {
			late: { by: 'coordinator', says: 'said what becomes of entries that came late' },
			open: { by: 'coordinator', says: 'made a link' },
			make: { by: 'coordinator', says: 'made a link to a plan' },
			revoke: { by: 'coordinator', says: 'revoked a link' }
		}
	},
	'/removed': {
		by: 'coordinator',
		title: 'Removed',
		acts: { back: { by: 'coordinator', says: 'brought back what was removed' } }
	},
	'/trail': { by: 'coordinator', title: 'History' },
	'/everything.zip': { by: 'coordinator' },
	'/a/[address]': { by: 'guest', isLink: true },
	'/a/[address]/sheet.pdf': { by: 'guest', isLink: true },
	'/account': {
		by: 'guest',
		isDoor: true,
		acts: {
			passphrase: { by: 'guest' },
			confirm: { by: 'guest' },
			name: { by: 'guest' },
			elsewhere: { by: 'guest' },
			out: { by: 'guest' },
			passkey: { by: 'guest' }
		}
	},
	'/api/auth/[...rest]': { by: 'guest', isDoor: true, acts: { POST: { by: 'guest' } } },
	'/api/compare': { by: 'reader', bytes: 270_000, acts: { POST: { by: 'reader' } } },
	'/api/entries': { by: 'reader', acts: { POST: { by: 'helper' } } },
	'/api/estimate': { by: 'reader', bytes: 270_000, acts: { POST: { by: 'reader' } } },
	'/api/mix': { by: 'reader', bytes: 270_000, acts: { POST: { by: 'reader' } } },
	'/api/plan.schema.json': { by: 'guest' },
	'/api/plans': {
		by: 'reader',
		bytes: 270_000,
		acts: { POST: { by: 'coordinator', says: 'kept a plan' } }
	},
	'/api/scale': { by: 'helper' },
	'/api/version': { by: 'guest' },
	'/bare': { by: 'reader' },
	'/bare/insert': { by: 'reader', acts: { POST: { by: 'reader' } } },
	'/c/[address]': { by: 'guest', isLink: true },
	'/groups': {
		by: 'guest',
		title: 'Groups',
		isDoor: true,
		acts: {
			choose: { by: 'guest' },
			delete: { by: 'coordinator', says: 'deleted the group' },
			make: { by: 'guest' },
			undo: { by: 'guest' }
		}
	},
	'/healthz': { by: 'guest' },
	'/healthz/live': { by: 'guest' },
	'/healthz/ready': { by: 'guest' },
	'/join/[address]': { by: 'guest', isLink: true, isDoor: true, acts: { join: { by: 'guest' } } },
	'/l/[address]': { by: 'guest', isLink: true },
	'/m/[address]': { by: 'guest', isLink: true, acts: { POST: { by: 'guest' } } },
	'/members': {
		by: 'coordinator',
		title: 'Members',
		isDoor: true,
		acts: {
			change: { by: 'coordinator', says: 'changed what a member may' },
			invite: { by: 'coordinator', says: 'made a link that lets someone in' },
			remove: { by: 'coordinator', says: 'ended a membership' }
		}
	},
	'/s/[address]': { by: 'guest', isLink: true },
	'/s/[address]/entries': { by: 'guest', isLink: true, acts: { POST: { by: 'guest' } } },
	'/sign-in': { by: 'guest', isDoor: true, acts: { in: { by: 'guest' } } },
	'/sign-in/anew': { by: 'guest', isDoor: true, acts: { renew: { by: 'guest' } } },
	'/sign-in/forgot': { by: 'guest', isDoor: true, acts: { send: { by: 'guest' } } },
	'/welcome': { by: 'guest', isDoor: true, acts: { begin: { by: 'guest' } } }
};
